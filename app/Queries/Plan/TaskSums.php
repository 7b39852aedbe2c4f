<?php

declare(strict_types=1);

namespace App\Queries\Plan;

use Illuminate\Support\Facades\DB;
use Loftrin\Core\Fraction;
use Loftrin\Core\Work\Heap;
use stdClass;

/** The heaps of tasks of projects and goals, summed up by the database over the scope of a day as of it or an earlier one. */
final class TaskSums
{
    /** How many parts a question to the database is made of at most. */
    private const PARTS = 200;

    /**
     * Aggregates over the tasks: what exists, is in scope and is done as of the days asked for, and what of the open
     * ones is done by their steps (computation 2). All that is asked of a task stands in an index.
     *
     * @param 'project_id'|'goal_id' $column
     * @param list<array{int, ScopeDay, bool}> $wanted owners, each with a day, and whether its tasks weigh by their estimates
     *
     * @return array<string, array<int, list<Heap>>> the tasks in scope by the key of the day and owner, where a task exists
     */
    public static function by(string $column, array $wanted): array
    {
        $owners = [];
        $days = [];

        foreach ($wanted as [$owner, $day, $weighs]) {
            $owners[$day->key][(int) $weighs][] = $owner;
            $days[$day->key] = $day;
        }

        $parts = [];

        foreach ($owners as $day => $byWeighing) {
            foreach ($byWeighing as $weighs => $ids) {
                array_push($parts, ...self::parts("t.$column", implode(',', $ids), $days[$day], $weighs === 1));
            }
        }

        $heaps = [];

        foreach (array_chunk($parts, self::PARTS) as $some) {
            foreach (DB::select(implode(' union all ', $some)) as $row) {
                if ((int) $row->there > 0) {
                    $heaps[(string) $row->day][(int) $row->owner][] = self::heap($row);
                }
            }
        }

        return $heaps;
    }

    /**
     * The sums of some owners on a day, and those of their steps.
     *
     * @return list<string>
     */
    private static function parts(string $owner, string $ids, ScopeDay $day, bool $weighs): array
    {
        // Estimates only part the tasks where they weigh; elsewhere all of an owner is one heap.
        [$minutes, $group] = $weighs ? ['t.minutes', "$owner, t.minutes"] : ['cast(null as integer)', $owner];
        [$on, $by, $key] = [(string) $day->on, (string) $day->by, $day->key];
        $count = static fn(string $condition): string => "count(*) filter (where $condition)";
        $stays =
            "t.created_on <= '$on' and (t.dropped_on is null or t.dropped_on > '$on') "
            ."and (t.shelved_on is null or t.shelved_on > '$on')";
        $inScope = "(t.done_on <= '$on' or ($stays))";
        // As of one and the same day nothing was added since, and a project is there whatever its tasks.
        $added = $on === $by ? '0' : $count("$inScope and t.created_on > '$by' and (t.done_on is null or t.done_on > '$by')");
        $there = $owner === 't.project_id' ? '1' : $count("t.done_on <= '$on' or t.created_on <= '$on'");

        return [
            "select $owner as owner, '$key' as day, $minutes as minutes, 0 as steps, $there as there,
                {$count($inScope)} as scope, $added as added, {$count("t.done_on <= '$by'")} as done, 0 as ticks
                from tasks t where $owner in ($ids) group by $group",
            "select owner, '$key', minutes, steps, count(*), 0, 0, 0, sum(ticked) from (
                select $owner as owner, $minutes as minutes, count(*) as steps, {$count("s.done_on <= '$by'")} as ticked
                from tasks t join steps s on s.task_id = t.id
                where $owner in ($ids) and (t.done_on is null or t.done_on > '$by') and $inScope
                group by t.id
            ) ticking where ticked > 0 group by owner, minutes, steps",
        ];
    }

    private static function heap(stdClass $row): Heap
    {
        $done = Fraction::of((int) $row->done);

        return new Heap(
            (int) $row->scope,
            (int) $row->ticks === 0 ? $done : $done->plus(Fraction::of((int) $row->ticks, max(1, (int) $row->steps))),
            (int) $row->minutes > 0 ? Fraction::of((int) $row->minutes) : null,
            (int) $row->added,
        );
    }
}
