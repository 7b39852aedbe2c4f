<?php

declare(strict_types=1);

namespace App\Queries\Plan;

use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Calendar\Span;
use Loftrin\Core\Fraction;
use Loftrin\Core\Work\Contribution;
use Loftrin\Core\Work\Lifetime;
use Loftrin\Core\Work\Task;
use stdClass;

/** The links that lead from work to goals, with their dates, as they are stored. */
final class WorkLinks
{
    /**
     * @param 'contributions'|'recurring_task_contributions'|'stays' $table
     * @param 'project_id'|'recurring_task_id'|'task_id' $of
     * @param ?list<int> $ids of the records; null for all
     *
     * @return array<int, list<Contribution>> by record, in order
     */
    public static function in(string $table, string $of, ?array $ids = null): array
    {
        $links = [];
        $rows = DB::table($table)
            ->when($ids !== null, static fn($query) => $query->whereIntegerInRaw($of, $ids ?? []))
            ->orderBy($table === 'stays' ? 'until_on' : 'id')
            ->orderBy('id');

        foreach ($ids === [] ? [] : $rows->get() as $row) {
            $links[(int) $row->$of][] = $table === 'stays' ? CoreRecords::stay($row) : CoreRecords::contribution($row);
        }

        return $links;
    }

    /**
     * @param array<int, list<Contribution>> ...$byRecord
     *
     * @return array<array-key, Span> the days of the period of each of their goals, by goal
     */
    public static function periods(array ...$byRecord): array
    {
        $periods = [];
        $goals = [];

        foreach ($byRecord as $links) {
            array_push($goals, ...array_column(array_merge(...$links), 'goal'));
        }

        foreach (DB::table('goals')->whereIntegerInRaw('id', self::ids($goals))->get(['id', 'starts_on', 'ends_on']) as $row) {
            $periods[(int) $row->id] = new Span(Day::of($row->starts_on), Day::of($row->ends_on));
        }

        return $periods;
    }

    /**
     * @param iterable<mixed> $values as they are stored
     *
     * @return list<int> the ids among them, each once
     */
    public static function ids(iterable $values): array
    {
        $ids = [];

        foreach ($values as $value) {
            if (is_numeric($value)) {
                $ids[(int) $value] = (int) $value;
            }
        }

        return array_values($ids);
    }

    /**
     * Tasks that are alike as one row each, but for the few that stood at another goal before: these come by themselves, with their id as
     * `stayed`.
     *
     * @param Builder $tasks of the table tasks
     * @param list<string> $alike its columns
     */
    public static function besideStays(Builder $tasks, array $alike): Builder
    {
        $columns = array_map(static fn(string $column): string => "tasks.$column", $alike);

        return $tasks
            ->leftJoinSub(DB::table('stays')->select('task_id as stayed')->distinct(), 'staying', 'staying.stayed', '=', 'tasks.id')
            ->groupBy([...$columns, 'staying.stayed'])
            ->select([...$columns, 'staying.stayed']);
    }

    /**
     * A task of the core as far as hours and counts need it, or one that stands for several alike.
     *
     * @param stdClass $row id, project_id, goal_id, goal_since, recurring_task_id, done_on and minutes of tasks
     * @param list<Contribution> $formerly
     */
    public static function task(stdClass $row, array $formerly = []): Task
    {
        $id = static fn(mixed $value): ?string => is_numeric($value) ? (string) $value : null;

        return new Task(
            id: (string) $row->id,
            project: $id($row->project_id),
            goal: $id($row->goal_id),
            recurringTask: $id($row->recurring_task_id),
            life: new Lifetime(doneOn: CoreRecords::day($row->done_on)),
            minutes: isset($row->minutes) ? Fraction::of((int) $row->minutes) : null,
            owner: $id($row->owner_id ?? null),
            effort: $id($row->main_effort_id ?? null),
            since: CoreRecords::day($row->goal_since),
            formerly: $formerly,
        );
    }
}
