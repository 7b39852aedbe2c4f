<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Issues can become a project or a goal, go to another meeting, and come back from the shelf. Next steps are confirmed. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('issues', static function (Blueprint $table): void {
            $table->string('source', 500)->nullable();
            $table->foreignId('task_id')->nullable()->constrained()->nullOnDelete();
            $table->foreignId('became_project_id')->nullable()->constrained('projects')->nullOnDelete();
            $table->foreignId('became_goal_id')->nullable()->constrained('goals')->nullOnDelete();
            $table->date('return_on')->nullable();
            // The one meeting for which it is, if it is tied to one.
            $table->date('for_on')->nullable();
            $table->index('task_id');
            $table->index('became_project_id');
            $table->index('became_goal_id');
            $table->index('return_on');
        });

        $settled = ['decided', 'answered', 'next_steps', 'project', 'goal', 'shelved', 'dropped'];
        $this->widen('issues', $settled);
        $this->widen('agenda_items', [...$settled, 'next_time', 'other_meeting']);

        Schema::table('tasks', static function (Blueprint $table): void {
            // When its owner said yes to it, of one that was agreed on in a meeting.
            $table->dateTime('confirmed_at')->nullable();
        });

        Schema::create('follow_ups', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('meeting_id')->constrained()->cascadeOnDelete();
            $table->foreignId('task_id')->constrained()->restrictOnDelete();
            $table->enum('answer', ['done', 'not_yet', 'help', 'held_up']);
            $table->string('words', 300)->nullable();
            $table->date('until')->nullable();
            $table->timestamps();
            $table->unique(['meeting_id', 'task_id']);
            $table->index('task_id');
        });
    }

    /**
     * The check of a column cannot be changed in place: another column takes its name.
     *
     * @param list<string> $outcomes
     */
    private function widen(string $table, array $outcomes): void
    {
        if ($table === 'issues') {
            Schema::table($table, static function (Blueprint $columns): void {
                $columns->dropIndex(['series_id', 'outcome']);
            });
        }

        Schema::table($table, static function (Blueprint $columns) use ($outcomes): void {
            $columns->enum('result', $outcomes)->nullable();
        });
        DB::table($table)->update(['result' => DB::raw('outcome')]);
        Schema::table($table, static function (Blueprint $columns): void {
            $columns->dropColumn('outcome');
        });
        Schema::table($table, static function (Blueprint $columns): void {
            $columns->renameColumn('result', 'outcome');
        });

        if ($table === 'issues') {
            Schema::table($table, static function (Blueprint $columns): void {
                $columns->index(['series_id', 'outcome']);
            });
        }
    }
};
