<?php

declare(strict_types=1);

namespace App\Queries\Plan;

use Illuminate\Support\Facades\DB;
use Loftrin\Core\Work\Lifetime;
use Loftrin\Core\Work\TalliesOfTasks;
use Loftrin\Core\Work\Task;
use stdClass;

/**
 * The direct tasks of goals that carry another on, or were carried on: each counts there by what was left of it, from one day until
 * another. Such goals hold few tasks, so that these are fetched themselves.
 */
final class StayingTasks
{
    /** @var array<int, true> the goals at which a task stood from or until a day */
    private readonly array $goals;

    private ?TalliesOfTasks $tallies = null;

    /** @param list<int> $goals ids */
    public function __construct(array $goals)
    {
        $this->goals = array_fill_keys(
            WorkLinks::ids(
                DB::table('stays')
                    ->whereIntegerInRaw('goal_id', $goals)
                    ->select('goal_id')
                    ->union(DB::table('tasks')->whereIntegerInRaw('goal_id', $goals)->whereNotNull('goal_since')->select('goal_id'))
                    ->pluck('goal_id'),
            ),
            true,
        );
    }

    public function areAt(int $goal): bool
    {
        return isset($this->goals[$goal]);
    }

    /** What the core works out of them. */
    public function tallies(): TalliesOfTasks
    {
        return $this->tallies ??= new TalliesOfTasks([], [], $this->tasks());
    }

    /** @return list<Task> */
    private function tasks(): array
    {
        $goals = array_keys($this->goals);
        $rows = DB::table('tasks')
            ->whereIntegerInRaw('goal_id', $goals)
            ->orWhereIn('id', DB::table('stays')->whereIntegerInRaw('goal_id', $goals)->select('task_id'))
            ->orderBy('id')
            ->get(['id', 'goal_id', 'goal_since', 'created_on', 'done_on', 'dropped_on', 'shelved_on']);
        $ids = WorkLinks::ids($rows->pluck('id'));
        $stays = WorkLinks::in('stays', 'task_id', $ids);
        $steps = [];

        foreach (DB::table('steps')->whereIntegerInRaw('task_id', $ids)->orderBy('id')->get(['task_id', 'done_on']) as $step) {
            $steps[(int) $step->task_id][] = CoreRecords::day($step->done_on);
        }

        return array_values(
            $rows
                ->map(
                    static fn(stdClass $row): Task => new Task(
                        id: (string) $row->id,
                        goal: $row->goal_id === null ? null : (string) $row->goal_id,
                        life: new Lifetime(
                            CoreRecords::day($row->created_on),
                            CoreRecords::day($row->done_on),
                            CoreRecords::day($row->dropped_on),
                            CoreRecords::day($row->shelved_on),
                        ),
                        steps: $steps[(int) $row->id] ?? [],
                        since: CoreRecords::day($row->goal_since),
                        formerly: $stays[(int) $row->id] ?? [],
                    ),
                )
                ->all(),
        );
    }
}
