<?php

declare(strict_types=1);

namespace App\Queries\Goals;

use Illuminate\Support\Facades\DB;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Fraction;
use Loftrin\Core\Work\Heap;

/** Tasks of one project or goal that weigh alike, summed up as of each of several days. */
final readonly class TaskSums
{
    /**
     * @param array<int, Heap> $heaps    those in scope, by day
     * @param list<int>        $existing the days on which at least one of them exists
     */
    private function __construct(public string $owner, public array $heaps, public array $existing)
    {
    }

    /**
     * One aggregate over the tasks: what exists, is in scope and is done as of each day (computation 2).
     *
     * @param 'project_id'|'goal_id' $column
     * @param list<int|string>       $owners
     * @param non-empty-list<Day>    $days
     *
     * @return list<self>
     */
    public static function by(string $column, array $owners, array $days): array
    {
        if ($owners === []) {
            return [];
        }

        $ticked = [];
        $sums = [];

        foreach ($days as $index => $day) {
            $done = "(t.done_on is not null and t.done_on <= '$day')";
            $there = "($done or t.created_on <= '$day')";
            $out = "(t.dropped_on is not null and t.dropped_on <= '$day' or t.shelved_on is not null and t.shelved_on <= '$day')";
            $ticked[] = "sum(case when done_on <= '$day' then 1 else 0 end) as ticked_$index";
            $sums[] = "sum(case when $there then 1 else 0 end) as there_$index";
            $sums[] = "sum(case when $done or ($there and not $out) then 1 else 0 end) as scope_$index";
            $sums[] = "sum(case when $done then 1 else 0 end) as done_$index";
            $sums[] = "sum(case when not $done and $there and not $out then coalesce(s.ticked_$index, 0) else 0 end) as ticks_$index";
        }

        $steps = DB::table('steps')->groupBy('task_id')->selectRaw('task_id, count(*) as steps, '.implode(', ', $ticked));
        // Estimates only part the tasks where they weigh; elsewhere all of a project is one heap.
        $minutes = $column === 'project_id' ? "case when p.weighing = 'effort' then t.minutes end" : 'null';

        return array_values(DB::table('tasks as t')
            ->when($column === 'project_id', static fn($query) => $query->join('projects as p', 'p.id', '=', 't.project_id'))
            ->leftJoinSub($steps, 's', 's.task_id', '=', 't.id')
            ->whereIn("t.$column", $owners)
            ->groupByRaw("t.$column, $minutes, s.steps")
            ->selectRaw("t.$column as owner, $minutes as minutes, s.steps as steps, ".implode(', ', $sums))
            ->get()
            ->map(static fn(object $row): self => self::fromRow((array) $row, $days))
            ->all());
    }

    /**
     * @param array<mixed> $row
     * @param list<Day>    $days
     */
    private static function fromRow(array $row, array $days): self
    {
        $heaps = [];
        $existing = [];
        $number = static fn(string $column): int => is_numeric($row[$column] ?? null) ? (int) $row[$column] : 0;
        $steps = max(1, $number('steps'));
        $minutes = $number('minutes');

        foreach ($days as $index => $day) {
            $heaps[$day->number] = new Heap(
                $number("scope_$index"),
                Fraction::of($number("done_$index"))->plus(Fraction::of($number("ticks_$index"), $steps)),
                $minutes > 0 ? Fraction::of($minutes) : null,
            );

            if ($number("there_$index") > 0) {
                $existing[] = $day->number;
            }
        }

        return new self((string) $number('owner'), $heaps, $existing);
    }
}
