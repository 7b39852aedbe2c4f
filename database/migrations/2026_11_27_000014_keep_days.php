<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        // Lines of a person's day, the tagged ones to be found again.
        Schema::create('log_lines', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('person_id')->constrained('people')->cascadeOnDelete();
            $table->date('on');
            $table->string('at', 5);
            $table->text('words');
            $table->enum('tag', ['finding', 'decision', 'idea'])->nullable();
            $table->timestamps();
            $table->index(['person_id', 'on']);
            $table->index(['person_id', 'tag', 'on']);
        });

        Schema::create('focus_sessions', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('person_id')->constrained('people')->cascadeOnDelete();
            $table->foreignId('task_id')->nullable()->constrained()->nullOnDelete();
            $table->string('intent', 200);
            $table->unsignedSmallInteger('minutes');
            $table->unsignedSmallInteger('rounds');
            $table->unsignedSmallInteger('break_minutes');
            $table->date('on');
            $table->dateTime('begun_at');
            $table->dateTime('ended_at')->nullable();
            $table->enum('outcome', ['finished', 'moved', 'stuck'])->nullable();
            $table->string('obstacle', 500)->nullable();
            $table->timestamps();
            $table->index(['person_id', 'on']);
        });
        // One at a time.
        DB::statement('create unique index focus_sessions_running on focus_sessions (person_id) where ended_at is null');

        Schema::create('habits', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('person_id')->constrained('people')->cascadeOnDelete();
            $table->string('title', 200);
            $table->enum('per', ['day', 'week', 'month']);
            $table->unsignedSmallInteger('times');
            // Names of the weekdays on which a daily one counts.
            $table->json('weekdays');
            $table->foreignId('goal_id')->nullable()->constrained()->nullOnDelete();
            $table->date('began_on');
            $table->date('ended_on')->nullable();
            $table->timestamps();
            $table->index(['person_id', 'ended_on']);
            $table->index('goal_id');
        });

        Schema::create('habit_ticks', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('habit_id')->constrained()->cascadeOnDelete();
            $table->date('on');
            $table->unsignedSmallInteger('count');
            $table->timestamps();
            $table->unique(['habit_id', 'on']);
        });

        Schema::table('readings', static function (Blueprint $table): void {
            // Kept by a habit: how often it was done since its goal began.
            $table->foreignId('habit_id')->nullable()->constrained()->nullOnDelete();
            $table->unique(['habit_id', 'on']);
        });

        // Days on which a person is not there: habits rest.
        Schema::create('absences', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('person_id')->constrained('people')->cascadeOnDelete();
            $table->date('first_on');
            $table->date('last_on');
            $table->timestamps();
            $table->index(['person_id', 'last_on']);
        });

        // A person's own questions of the evening; who has none is asked the usual ones.
        Schema::create('evening_questions', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('person_id')->constrained('people')->cascadeOnDelete();
            $table->string('words', 200);
            $table->boolean('is_score');
            $table->boolean('is_asked');
            $table->timestamps();
            $table->unique(['person_id', 'words']);
        });

        // Answers keep the words of their question: it may be asked in other words later.
        Schema::create('evening_answers', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('person_id')->constrained('people')->cascadeOnDelete();
            $table->date('on');
            $table->string('question', 200);
            $table->text('words')->nullable();
            $table->unsignedSmallInteger('score')->nullable();
            $table->timestamps();
            $table->unique(['person_id', 'on', 'question']);
        });

        // Time that is taken and is no meeting of the team's.
        Schema::create('appointments', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('person_id')->constrained('people')->cascadeOnDelete();
            $table->string('title', 200);
            $table->date('on');
            $table->string('at', 5);
            $table->unsignedSmallInteger('minutes');
            $table->timestamps();
            $table->index(['person_id', 'on']);
            $table->index('on');
        });
    }
};
