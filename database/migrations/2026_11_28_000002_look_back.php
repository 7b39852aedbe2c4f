<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Reviews of months, quarters and years; questions of one's own; what goes up from one to the next. */
return new class () extends Migration {
    public function up(): void
    {
        // A key of the question: of one that comes with a review, a role's, or one's own.
        if (DB::getDriverName() === 'pgsql') {
            DB::statement('alter table answers drop constraint if exists answers_question_check');
        }

        Schema::table('answers', static function (Blueprint $table): void {
            $table->string('question', 24)->change();
        });

        // How somebody's questions differ from those that come with a review: their order, what rests, their own.
        Schema::create('review_questions', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('person_id')->constrained('people')->cascadeOnDelete();
            $table->enum('horizon', ['week', 'month', 'quarter', 'year']);
            $table->string('key', 24);
            $table->string('words', 200)->nullable();
            $table->unsignedSmallInteger('place');
            $table->boolean('is_resting')->default(false);
            $table->timestamps();
            $table->unique(['person_id', 'horizon', 'key']);
        });

        // What became of what somebody wanted to do differently, as of a week.
        Schema::create('verdicts', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('answer_id')->constrained()->cascadeOnDelete();
            $table->string('period', 8);
            $table->enum('verdict', ['done', 'not_done', 'trying']);
            $table->timestamps();
            $table->unique(['answer_id', 'period']);
        });

        // A line worth coming back to, and to which review it goes up.
        Schema::create('findings', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('person_id')->constrained('people')->cascadeOnDelete();
            $table->enum('level', ['month', 'quarter', 'year']);
            $table->foreignId('answer_id')->nullable()->unique()->constrained()->cascadeOnDelete();
            $table->foreignId('log_line_id')->nullable()->unique()->constrained()->cascadeOnDelete();
            $table
                ->rawColumn(
                    'evening_answer_id',
                    'integer references evening_answers (id) on delete cascade check (1 = case when answer_id is null then 0 else 1 end '.
                        '+ case when log_line_id is null then 0 else 1 end + case when evening_answer_id is null then 0 else 1 end)',
                )
                ->nullable();
            $table->timestamps();
            $table->unique('evening_answer_id');
            $table->index('person_id');
        });
    }
};
