<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        Schema::table('workspaces', static function (Blueprint $table): void {
            // With more active projects than this at once somebody is warned of.
            $table->rawColumn('active_limit', 'integer check (active_limit > 0)')->nullable();
        });

        Schema::create('collections', static function (Blueprint $table): void {
            $table->id();
            $table->string('title', 80)->unique();
            $table->timestamps();
        });

        Schema::create('gatherings', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('collection_id')->constrained()->cascadeOnDelete();
            $table->foreignId('project_id')->constrained()->cascadeOnDelete();
            $table->timestamps();
            $table->unique(['collection_id', 'project_id']);
            $table->index('project_id');
        });

        // Fields of one's own, and what stands in them.
        Schema::create('fields', static function (Blueprint $table): void {
            $table->id();
            $table->string('name', 60)->unique();
            $table->enum('kind', ['text', 'number', 'date', 'choice'])->default('text');
            $table->text('choices')->nullable();
            $table->timestamps();
        });

        Schema::create('entries', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('field_id')->constrained()->cascadeOnDelete();
            $table->foreignId('project_id')->constrained()->cascadeOnDelete();
            $table->string('value', 200);
            $table->timestamps();
            $table->unique(['project_id', 'field_id']);
            $table->index(['field_id', 'value']);
        });

        Schema::create('saved_lists', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('owner_id')->constrained('people')->cascadeOnDelete();
            $table->enum('visibility', ['everyone', 'only_me'])->default('only_me');
            $table->string('title', 80);
            $table->text('conditions');
            $table->string('sort', 20)->default('due');
            $table->string('group', 20)->nullable();
            $table->timestamps();
            $table->index('owner_id');
        });
    }
};
