<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Retrospectives: what several people wrote, each before all saw, and the few changes it ended in. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::create('retrospectives', static function (Blueprint $table): void {
            $table->id();
            // Who holds it: asks the questions, shows the answers, finishes it.
            $table->foreignId('person_id')->constrained('people')->cascadeOnDelete();
            $table->string('title', 200);
            $table->date('on');
            $table->foreignId('project_id')->nullable()->constrained()->nullOnDelete();
            $table->date('first')->nullable();
            $table->rawColumn('last', 'date check ((first is null) = (last is null) and (last is null or last >= first))')->nullable();
            $table->dateTime('shown_at')->nullable();
            $table->rawColumn('finished_at', 'timestamp check (finished_at is null or shown_at is not null)')->nullable();
            $table->timestamps();
            $table->index('project_id');
            $table->index(['person_id', 'on']);
        });

        Schema::create('participants', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('retrospective_id')->constrained()->cascadeOnDelete();
            $table->foreignId('person_id')->constrained('people')->cascadeOnDelete();
            $table->timestamps();
            $table->unique(['retrospective_id', 'person_id']);
            $table->index('person_id');
        });

        Schema::create('retrospective_questions', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('retrospective_id')->constrained()->cascadeOnDelete();
            $table->unsignedSmallInteger('position');
            $table->string('words', 200);
            $table->timestamps();
            $table->index(['retrospective_id', 'position']);
        });

        Schema::create('retrospective_answers', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('retrospective_question_id')->constrained()->cascadeOnDelete();
            $table->foreignId('person_id')->constrained('people')->cascadeOnDelete();
            $table->text('words');
            $table->timestamps();
            $table->unique(['retrospective_question_id', 'person_id']);
            $table->index('person_id');
        });

        // What, who and by when are the task's.
        Schema::create('agreed_changes', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('retrospective_id')->constrained()->cascadeOnDelete();
            $table->foreignId('task_id')->unique()->constrained()->cascadeOnDelete();
            $table->string('sign', 500);
            $table->rawColumn('verdict', "varchar(10) check (verdict in ('worked', 'failed', 'early'))")->nullable();
            $table->string('seen', 500)->nullable();
            $table->timestamps();
            $table->index('retrospective_id');
        });
    }
};
