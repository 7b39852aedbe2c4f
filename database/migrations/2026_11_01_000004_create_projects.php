<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        Schema::create('projects', static function (Blueprint $table): void {
            $table->id();
            $table->string('title', 200);
            $table->text('outcome')->nullable();
            $table->foreignId('owner_id')->constrained('people')->restrictOnDelete();
            $table->foreignId('area_id')->nullable()->constrained()->nullOnDelete();
            $table->enum('weighing', ['count', 'effort'])->default('count');
            $table->enum('order', ['sequential', 'parallel'])->default('parallel');
            $table->enum('state', ['proposed', 'active', 'paused', 'done', 'dropped', 'shelved'])->default('active');
            $table->date('state_on');
            $table->date('starts_on')->nullable();
            $table->rawColumn('due_on', 'date check (starts_on is null or due_on is null or due_on >= starts_on)')->nullable();
            $table->timestamps();

            $table->index('state');
            $table->index('owner_id');
        });

        Schema::create('stages', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('project_id')->constrained()->cascadeOnDelete();
            $table->unsignedSmallInteger('position');
            $table->string('name', 60);
            $table->timestamps();
            $table->unique(['project_id', 'name']);
        });

        Schema::create('servings', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('project_id')->constrained()->cascadeOnDelete();
            $table->foreignId('goal_id')->constrained()->cascadeOnDelete();
            $table->rawColumn('weight', 'numeric default 1 check (weight > 0)');
            $table->timestamps();
            $table->unique(['project_id', 'goal_id']);
            $table->index('goal_id');
        });
    }
};
