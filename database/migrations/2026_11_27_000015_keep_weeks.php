<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        // What stood in a person's week, and what became of it by the end of the week. Rows, not records: nobody changes them.
        Schema::create('week_tasks', static function (Blueprint $table): void {
            $table->id();
            $table->string('week', 8);
            $table->foreignId('task_id')->constrained()->cascadeOnDelete();
            $table->foreignId('owner_id')->constrained('people')->cascadeOnDelete();
            $table->unsignedInteger('minutes')->nullable();
            // Or only done in it.
            $table->boolean('is_planned');
            $table->enum('outcome', ['done', 'dropped', 'shelved', 'handed_over', 'carried', 'missed', 'moved'])->nullable();
            $table->unique(['week', 'owner_id', 'task_id']);
            $table->index('task_id');
            $table->index('owner_id');
        });

        // A person's own week in a line, beside the team's.
        Schema::create('person_weeks', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('person_id')->constrained('people')->cascadeOnDelete();
            $table->string('week', 8);
            $table->string('words', 200);
            $table->timestamps();
            $table->unique(['person_id', 'week']);
        });
    }
};
