<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        // One row for each change, and which other it takes back: a person's steps to go back and forth by.
        Schema::create('changes', static function (Blueprint $table): void {
            $table->id();
            $table->uuid('batch')->unique();
            $table->foreignId('person_id')->constrained('people')->cascadeOnDelete();
            $table->enum('kind', ['change', 'undo', 'redo'])->default('change');
            $table->string('words', 255);
            // What saves itself while somebody writes is no step to go back by.
            $table->boolean('is_step')->default(true);
            $table->foreignId('takes_back_id')->nullable()->constrained('changes')->nullOnDelete();
            $table->foreignId('taken_back_by_id')->nullable()->constrained('changes')->nullOnDelete();
            $table->timestamp('made_at');
            $table->index(['person_id', 'id']);
        });

        DB::table('changes')->insertUsing(
            ['batch', 'person_id', 'words', 'made_at'],
            DB::table('activity_log')
                ->whereNotNull('batch_uuid')
                ->whereIn('causer_id', DB::table('people')->select('id'))
                ->groupBy('batch_uuid')
                ->orderByRaw('min(id)')
                ->selectRaw('batch_uuid, min(causer_id), min(description), min(created_at)'),
        );

        // Names the state that all this is in.
        Schema::create('stamps', static function (Blueprint $table): void {
            $table->unsignedTinyInteger('id')->primary();
            $table->uuid('name');
        });

        // What was asked for under which key, and how it was answered: the same asked again is answered so again.
        Schema::create('answered_requests', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('person_id')->constrained('people')->cascadeOnDelete();
            $table->string('key', 64);
            $table->string('asked', 64);
            $table->string('location', 2000);
            $table->json('change')->nullable();
            $table->timestamp('answered_at');
            $table->unique(['person_id', 'key']);
            $table->index('answered_at');
        });

        Schema::create('sessions', static function (Blueprint $table): void {
            $table->string('id')->primary();
            $table->foreignId('user_id')->nullable()->constrained('people')->cascadeOnDelete();
            $table->string('ip_address', 45)->nullable();
            $table->text('user_agent')->nullable();
            $table->longText('payload');
            $table->integer('last_activity')->index();
            $table->index('user_id');
        });
    }
};
