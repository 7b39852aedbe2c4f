<?php

declare(strict_types=1);

namespace App\Queries\Goals;

use Illuminate\Support\Facades\DB;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Fraction;
use Loftrin\Core\Work\Heap;

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

    /**
     * One aggregate over the tasks: what exists, is in scope and is done as of the days asked for (computation 2).
     *
     * @param 'project_id'|'goal_id' $column
     * @param list<array{int, Day}>  $wanted owners, each with a day
     *
     * @return list<self>
     */
    public static function by(string $column, array $wanted): array
    {
        if ($wanted === []) {
            return [];
        }

        $values = implode(', ', array_map(static fn(array $pair): string => "($pair[0], '$pair[1]')", $wanted));
        $done = '(t.done_on is not null and t.done_on <= w.day)';
        $there = "($done or t.created_on <= w.day)";
        $out = '(t.dropped_on is not null and t.dropped_on <= w.day or t.shelved_on is not null and t.shelved_on <= w.day)';
        // Estimates only part the tasks where they weigh; elsewhere all of a project is one heap.
        $minutes = $column === 'project_id' ? "(select case when p.weighing = 'effort' then t.minutes end from projects p where p.id = t.project_id)" : 'null';
        $rows = DB::select("with w (owner, day) as (values $values)
            select owner, day, minutes, steps, sum(is_there) as there, sum(in_scope) as scope, sum(is_done) as done, sum(case when in_scope and not is_done then ticked else 0 end) as ticks
            from (
                select w.owner, w.day, $minutes as minutes, $done as is_done, $there as is_there, ($done or $there and not $out) as in_scope,
                    (select count(*) from steps s where s.task_id = t.id) as steps,
                    (select count(*) from steps s where s.task_id = t.id and s.done_on <= w.day) as ticked
                from w join tasks t on t.$column = w.owner
            )
            group by owner, day, minutes, steps");

        return array_map(static fn(object $row): self => self::fromRow((array) $row), array_values($rows));
    }

    /** @param array<mixed> $row */
    private static function fromRow(array $row): self
    {
        $number = static fn(string $column): int => is_numeric($row[$column] ?? null) ? (int) $row[$column] : 0;
        $minutes = $number('minutes');

        return new self(
            (string) $number('owner'),
            Day::of(is_string($row['day'] ?? null) ? $row['day'] : '')->number,
            new Heap(
                $number('scope'),
                Fraction::of($number('done'))->plus(Fraction::of($number('ticks'), max(1, $number('steps')))),
                $minutes > 0 ? Fraction::of($minutes) : null,
            ),
            $number('there') > 0,
        );
    }
}
