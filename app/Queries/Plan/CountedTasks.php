<?php

declare(strict_types=1);

namespace App\Queries\Plan;

use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Work\Contribution;
use Loftrin\Core\Work\Links;

/** The tasks done for goals that count them, through the links that count on the day. Rules: computation 4, count. */
final class CountedTasks
{
    /**
     * @param list<int> $goals ids of goals that count
     *
     * @return array<int, array<int, int>> tasks by goal and the number of the day on which they were done
     */
    public static function of(array $goals): array
    {
        if ($goals === []) {
            return [];
        }

        $linked = static fn(string $table, string $of): Builder => DB::table($table)->whereIntegerInRaw('goal_id', $goals)->select($of);
        $rows = WorkLinks::besideStays(DB::table('tasks'), ['project_id', 'goal_id', 'goal_since', 'recurring_task_id', 'done_on'])
            ->whereNotNull('done_on')
            ->where(
                static fn(Builder $query) => $query
                    ->whereIntegerInRaw('goal_id', $goals)
                    ->orWhereIn('project_id', $linked('contributions', 'project_id'))
                    ->orWhereIn('recurring_task_id', $linked('recurring_task_contributions', 'recurring_task_id'))
                    ->orWhereIn('tasks.id', $linked('stays', 'task_id')),
            )
            ->selectRaw('min(tasks.id) as id, count(*) as tasks')
            ->get();
        $links = [
            'project_id' => WorkLinks::in('contributions', 'project_id', WorkLinks::ids($rows->pluck('project_id'))),
            'recurring_task_id' => WorkLinks::in(
                'recurring_task_contributions',
                'recurring_task_id',
                WorkLinks::ids($rows->pluck('recurring_task_id')),
            ),
        ];
        $stays = WorkLinks::in('stays', 'task_id', WorkLinks::ids($rows->pluck('stayed')));
        $of = new Links(WorkLinks::periods(...array_values($links), ...[$stays]));
        $counted = array_fill_keys($goals, []);

        foreach ($rows as $row) {
            $on = Day::of(substr((string) $row->done_on, 0, 10));
            $counting = [
                ...$of->countingOn(WorkLinks::task($row, $stays[(int) $row->stayed] ?? [])->stays, $on),
                ...$of->countingOn($links['project_id'][(int) $row->project_id] ?? [], $on),
                ...$of->countingOn($links['recurring_task_id'][(int) $row->recurring_task_id] ?? [], $on),
            ];

            foreach (array_unique(array_map(static fn(Contribution $link): string => $link->goal, $counting)) as $goal) {
                if (isset($counted[$goal])) {
                    $counted[$goal][$on->number] = ($counted[$goal][$on->number] ?? 0) + (int) $row->tasks;
                }
            }
        }

        return $counted;
    }
}
