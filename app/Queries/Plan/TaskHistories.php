<?php

declare(strict_types=1);

namespace App\Queries\Plan;

use Generator;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Work\Heap;
use Loftrin\Core\Work\HeapHistory;
use Loftrin\Core\Work\Lifetime;
use stdClass;

/**
 * What {@see TaskSums} says, for many days: the dates of the tasks are fetched once, and the core walks with them through time.
 * Those that were done by the first of the days are alike on all of them: they are counted by the database.
 */
final class TaskHistories
{
    private const DATES = ['tasks.created_on', 'tasks.done_on', 'tasks.dropped_on', 'tasks.shelved_on'];

    /** @var array<int, array<string, HeapHistory>> by owner and scope */
    private array $histories = [];

    /** @var array<int, array<string, array<int, ScopeDay>>> the days asked for by owner, scope and number of the day */
    private array $wanted = [];

    /** @var array<int, bool> whether its tasks weigh by their estimates, by owner */
    private array $weighs = [];

    /** @var array<string, Day> those met so far, by date: many tasks share one */
    private array $days = [];

    /** The first of the days asked for. */
    private readonly Day $first;

    /** @param non-empty-list<array{int, ScopeDay, bool}> $wanted owners, each with a day, and whether its tasks weigh by their estimates */
    private function __construct(array $wanted)
    {
        $this->first = Day::ofNumber(min(array_map(static fn(array $each): int => $each[1]->by->number, $wanted)));

        foreach ($wanted as [$owner, $day, $weighs]) {
            $scope = $day->isOneDay() ? null : $day->on;
            $this->histories[$owner][(string) $scope] ??= new HeapHistory($scope);
            $this->wanted[$owner][(string) $scope][$day->by->number] = $day;
            $this->weighs[$owner] = $weighs;
        }
    }

    /**
     * @param 'project_id'|'goal_id' $column
     * @param list<array{int, ScopeDay, bool}> $wanted owners, each with a day, and whether its tasks weigh by their estimates
     *
     * @return array<string, array<int, list<Heap>>> the tasks in scope by the key of the day and owner, where a task exists
     */
    public static function by(string $column, array $wanted): array
    {
        if ($wanted === []) {
            return [];
        }

        $histories = new self($wanted);
        $histories->fetch($column);

        return $histories->heaps();
    }

    /** @param 'project_id'|'goal_id' $column */
    private function fetch(string $column): void
    {
        $first = (string) $this->first;
        $tasks = fn(): Builder => DB::table('tasks')
            ->whereIntegerInRaw("tasks.$column", array_keys($this->histories))
            ->select(["tasks.$column as owner", 'tasks.minutes']);
        $done = $tasks()->where('tasks.done_on', '<=', $first)->groupBy('owner', 'tasks.minutes')->selectRaw('count(*) as alike');
        $others = fn(): Builder => $tasks()
            ->whereRaw('(tasks.done_on is null or tasks.done_on > ?)', [$first])
            ->addSelect(self::DATES);
        $ticked = $others()
            ->join('steps', 'steps.task_id', '=', 'tasks.id')
            ->whereNotNull('steps.done_on')
            ->addSelect('steps.done_on as ticked_on')
            ->selectRaw('(select count(*) from steps as beside where beside.task_id = tasks.id) as steps');

        foreach (self::rows($done) as $row) {
            foreach ($this->histories[(int) $row->owner] as $history) {
                $history->add(new Lifetime(doneOn: $this->first), $this->minutes($row), (int) $row->alike);
            }
        }

        foreach (self::rows($others()) as $row) {
            [$life, $minutes] = [$this->life($row), $this->minutes($row)];

            foreach ($this->histories[(int) $row->owner] as $history) {
                $history->add($life, $minutes);
            }
        }

        foreach (self::rows($ticked) as $row) {
            [$life, $minutes] = [$this->life($row), $this->minutes($row)];

            foreach ($this->histories[(int) $row->owner] as $history) {
                $history->tick($life, $minutes, (int) $row->steps, Day::of($row->ticked_on));
            }
        }
    }

    /** @return Generator<int, stdClass> one at a time, of as many as there may be */
    private static function rows(Builder $query): Generator
    {
        return DB::cursor($query->toSql(), $query->getBindings());
    }

    /** @return array<string, array<int, list<Heap>>> */
    private function heaps(): array
    {
        $heaps = [];

        foreach ($this->histories as $owner => $byScope) {
            foreach ($byScope as $scope => $history) {
                $days = $this->wanted[$owner][$scope];
                ksort($days);

                foreach ($history->on(array_column($days, 'by')) as $number => $of) {
                    if ($history->isThereOn($days[$number]->on)) {
                        $heaps[$days[$number]->key][$owner] = $of;
                    }
                }
            }
        }

        return $heaps;
    }

    private function minutes(stdClass $row): int
    {
        return $this->weighs[(int) $row->owner] ? (int) $row->minutes : 0;
    }

    private function life(stdClass $row): Lifetime
    {
        return new Lifetime(
            $this->day($row->created_on),
            $this->day($row->done_on),
            $this->day($row->dropped_on),
            $this->day($row->shelved_on),
        );
    }

    private function day(mixed $date): ?Day
    {
        return is_string($date) ? ($this->days[$date] ??= Day::of($date)) : null;
    }
}
