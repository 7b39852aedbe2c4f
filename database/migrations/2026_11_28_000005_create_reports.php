<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What is worth telling, what an answer is about, what was looked at and kept; reports, and how they were sent. */
return new class () extends Migration {
    public function up(): void
    {
        foreach (['tasks', 'log_lines', 'answers'] as $lines) {
            Schema::table($lines, static function (Blueprint $table): void {
                $table->boolean('is_worth_telling')->default(false);
            });
        }

        Schema::table('answers', static function (Blueprint $table): void {
            // The goal that it is about, and in whose planning and closing it comes back.
            $table->rawColumn('goal_id', 'integer references goals (id) on delete set null')->nullable();
            $table->index('goal_id');
        });
        Schema::table('tasks', static function (Blueprint $table): void {
            // When its owner last looked at it for thinning out, and kept it.
            $table->date('kept_on')->nullable();
        });

        Schema::create('reports', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('person_id')->constrained('people')->cascadeOnDelete();
            $table->string('title', 200);
            $table->rawColumn('audience', "varchar(10) check (audience in ('manager', 'board', 'team'))");
            $table->date('first');
            $table->rawColumn('last', 'date check (last >= first)');
            $table->text('words');
            $table->dateTime('sent_at')->nullable();
            // To the letter as it went out, with the figures of that day.
            $table->rawColumn('sent_words', 'text check ((sent_at is null) = (sent_words is null))')->nullable();
            $table->timestamps();
            $table->index(['person_id', 'last']);
        });

        Schema::create('recipients', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('report_id')->constrained()->cascadeOnDelete();
            $table->foreignId('person_id')->nullable()->constrained('people')->cascadeOnDelete();
            // Somebody without an account, as they were called and reached then.
            $table->rawColumn('outside', 'varchar(220) check ((person_id is null) <> (outside is null))')->nullable();
            $table->timestamps();
            $table->index('report_id');
            $table->index('person_id');
        });

        Schema::table('letters', static function (Blueprint $table): void {
            $table->unsignedBigInteger('person_id')->nullable()->change();
            // To somebody without an account: to whom, and who sent it and can read it.
            $table->string('outside', 220)->nullable();
            $table->foreignId('by_id')->nullable()->constrained('people')->cascadeOnDelete();
            $table->index('by_id');
        });
    }
};
