<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * A closing moves, it does not correct: the links of what goes on end and begin on a day, and a task remembers where it stood. What
 * earlier closings moved is dated from the log of changes; what cannot be told from it stays as it is.
 */
return new class () extends Migration {
    public function up(): void
    {
        foreach (['contributions', 'recurring_task_contributions'] as $links) {
            Schema::table($links, static function (Blueprint $table): void {
                $table->date('from_on')->nullable();
                $table->rawColumn('until_on', 'date check (from_on is null or until_on is null or until_on >= from_on)')->nullable();
            });
        }

        Schema::table(
            'tasks',
            static fn(Blueprint $table) => $table
                ->rawColumn('goal_since', 'date check (goal_since is null or goal_id is not null)')
                ->nullable(),
        );
        Schema::create('stays', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('task_id')->constrained()->cascadeOnDelete();
            $table->foreignId('goal_id')->constrained()->restrictOnDelete();
            $table->date('since_on')->nullable();
            $table->rawColumn('until_on', 'date check (since_on is null or until_on >= since_on)');
            $table->timestamps();
            $table->index('task_id');
            $table->index('goal_id');
        });

        DB::table('activity_log')
            ->where('log_name', 'like', 'closing of goal %')
            ->whereNotIn('batch_uuid', DB::table('changes')->whereNotNull('taken_back_by_id')->select('batch'))
            ->whereIn('subject_type', ['App\\Models\\Task', 'App\\Models\\Contribution'])
            ->orderBy('id')
            ->each(function (stdClass $entry): void {
                /** @var array{now?: array<string, ?scalar>, before?: array<string, ?scalar>} $logged */
                $logged = json_decode((string) $entry->properties, true, flags: JSON_THROW_ON_ERROR);
                $to = (int) ($logged['now']['goal_id'] ?? 0);
                $closed = DB::table('goals as next')
                    ->join('goals as closed', 'closed.id', '=', 'next.predecessor_id')
                    ->where('next.id', $to)
                    ->whereNotNull('closed.closed_on')
                    ->pluck('closed.closed_on', 'closed.id');

                foreach ($closed as $from => $on) {
                    match (true) {
                        ! is_string($on) => null,
                        $entry->subject_type === 'App\\Models\\Contribution' && $entry->event === 'created'
                            => self::dateLinks((int) ($logged['now']['project_id'] ?? 0), (int) $from, $to, $on),
                        (int) ($logged['before']['goal_id'] ?? 0) === (int) $from
                            => self::dateStay((int) $entry->subject_id, (int) $from, $on),
                        default => null,
                    };
                }
            });
    }

    private static function dateLinks(int $project, int $from, int $to, string $on): void
    {
        $links = DB::table('contributions')->where('project_id', $project);

        if ($links->clone()->where('goal_id', $to)->update(['from_on' => $on]) > 0) {
            $links->where('goal_id', $from)->update(['until_on' => $on]);
        }
    }

    private static function dateStay(int $task, int $goal, string $on): void
    {
        $since = DB::table('stays')->where('task_id', $task)->max('until_on');
        DB::table('stays')->insert(['task_id' => $task, 'goal_id' => $goal, 'since_on' => $since, 'until_on' => $on]);
        DB::table('tasks')
            ->where('id', $task)
            ->whereNotNull('goal_id')
            ->update(['goal_since' => $on]);
    }
};
