<?php

declare(strict_types=1);

namespace App\Queries\Goals;

use Illuminate\Support\Facades\DB;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Fraction;
use Loftrin\Core\Work\Heap;
use stdClass;

/** Tasks of one project or goal that weigh alike, summed up as of a day. */
final readonly class TaskSums
{
    /**
     * @param Heap $heap    those in scope
     * @param bool $isThere whether at least one of them exists by then
     */
    private function __construct(public string $owner, public int $day, public Heap $heap, public bool $isThere)
    {
    }

    /** How many parts a question to the database is made of at most. */
    private const PARTS = 200;

    /**
     * Aggregates over the tasks: what exists, is in scope and is done as of the days asked for, and what of the open
     * ones is done by their steps (computation 2). All that is asked of a task stands in an index.
     *
     * @param 'project_id'|'goal_id'      $column
     * @param list<array{int, Day, bool}> $wanted owners, each with a day, and whether its tasks weigh by their estimates
     *
     * @return list<self>
     */
    public static function by(string $column, array $wanted): array
    {
        $owners = [];

        foreach ($wanted as [$owner, $day, $weighs]) {
            $owners[(string) $day][(int) $weighs][] = $owner;
        }

        $parts = [];

        foreach ($owners as $day => $byWeighing) {
            foreach ($byWeighing as $weighs => $ids) {
                array_push($parts, ...self::parts("t.$column", implode(',', $ids), $day, $weighs === 1));
            }
        }

        $days = array_map(static fn(string $day): int => Day::of($day)->number, array_combine(array_keys($owners), array_keys($owners)));
        $sums = [];

        foreach (array_chunk($parts, self::PARTS) as $some) {
            foreach (DB::select(implode(' union all ', $some)) as $row) {
                $sums[] = self::fromRow($row, $days);
            }
        }

        return $sums;
    }

    /**
     * The sums of some owners on a day, and those of their steps.
     *
     * @return list<string>
     */
    private static function parts(string $owner, string $ids, string $day, bool $weighs): array
    {
        // Estimates only part the tasks where they weigh; elsewhere all of an owner is one heap. A comparison with a date that is not there is passed over by sum().
        [$minutes, $group] = $weighs ? ['t.minutes', "$owner, t.minutes"] : ['null', $owner];
        $inScope = "t.created_on <= '$day' and (t.dropped_on is null or t.dropped_on > '$day') and (t.shelved_on is null or t.shelved_on > '$day')";

        return [
            "select $owner as owner, '$day' as day, $minutes as minutes, 0 as steps, sum(t.done_on <= '$day' or t.created_on <= '$day') as there,
                sum(case when t.done_on <= '$day' then 1 else $inScope end) as scope, sum(t.done_on <= '$day') as done, 0 as ticks
                from tasks t where $owner in ($ids) group by $group",
            "select owner, '$day', minutes, steps, count(*), 0, 0, sum(ticked) from (
                select $owner as owner, $minutes as minutes, count(*) as steps, sum(s.done_on <= '$day') as ticked
                from tasks t join steps s on s.task_id = t.id
                where $owner in ($ids) and (t.done_on is null or t.done_on > '$day') and $inScope
                group by t.id
            ) where ticked > 0 group by owner, minutes, steps",
        ];
    }

    /** @param array<string, int> $days their numbers */
    private static function fromRow(stdClass $row, array $days): self
    {
        $done = Fraction::of((int) $row->done);

        return new self(
            (string) $row->owner,
            $days[(string) $row->day],
            new Heap(
                (int) $row->scope,
                (int) $row->ticks === 0 ? $done : $done->plus(Fraction::of((int) $row->ticks, max(1, (int) $row->steps))),
                (int) $row->minutes > 0 ? Fraction::of((int) $row->minutes) : null,
            ),
            (int) $row->there > 0,
        );
    }
}
