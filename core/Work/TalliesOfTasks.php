<?php

declare(strict_types=1);

namespace Loftrin\Core\Work;

use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Calendar\Span;

/** The tallies worked out from the tasks themselves. */
final class TalliesOfTasks implements Tallies
{
    /** @var array<string, list<Task>> */
    private array $byProject = [];

    /** @var array<string, list<array{Task, Contribution}>> by goal, each with a stay there */
    private array $byGoal = [];

    /** @var array<string, array<string, Tally>> by project and days */
    private array $known = [];

    /** @var ?array<string, list<int>> the days on which a goal's linked tasks were done, once they are asked for */
    private ?array $doneDays = null;

    private readonly Links $links;

    /**
     * @param array<array-key, Project> $projects by id
     * @param array<array-key, RecurringTask> $recurringTasks by id
     * @param list<Task> $tasks
     * @param array<array-key, Span> $periods by goal, where goals count what is done
     */
    public function __construct(
        private readonly array $projects,
        private readonly array $recurringTasks,
        private readonly array $tasks,
        array $periods = [],
    ) {
        $this->links = new Links($periods);

        foreach ($tasks as $task) {
            if ($task->project !== null) {
                $this->byProject[$task->project][] = $task;
            }

            foreach ($task->stays as $stay) {
                $this->byGoal[$stay->goal][] = [$task, $stay];
            }
        }
    }

    public function ofProject(string $project, Day $on, ?Day $by = null): Tally
    {
        $by ??= $on;

        return $this->known[$project]["$on->number $by->number"] ??= self::tally(
            $this->byProject[$project] ?? [],
            $this->projects[$project]->weighing,
            $on,
            $by,
        );
    }

    public function ofDirectTasks(string $goal, Day $on, ?Day $by = null): ?Tally
    {
        $by ??= $on;
        $there = [];

        foreach ($this->byGoal[$goal] ?? [] as [$task, $stay]) {
            if ($stay->holdsOn($on) && $task->life->existsOn($on)) {
                $there[(string) $stay->from][] = $task;
            }
        }

        $sum = null;

        foreach ($there as $from => $tasks) {
            $tally = self::tally($tasks, Weighing::Count, $on, $by);
            $left = $from === '' ? $tally : $tally->beyond(self::tally($tasks, Weighing::Count, $on, Day::of($from)));
            $sum = $sum?->plus($left) ?? $left;
        }

        return $sum;
    }

    public function doneFor(string $goal, Span $span): int
    {
        $this->doneDays ??= $this->daysDone();

        return count(
            array_filter(
                $this->doneDays[$goal] ?? [],
                static fn(int $day): bool => $day >= $span->first->number && $day <= $span->last->number,
            ),
        );
    }

    /** @param list<Task> $tasks */
    private static function tally(array $tasks, Weighing $weighing, Day $on, Day $by): Tally
    {
        $heaps = [];

        foreach ($tasks as $task) {
            if ($task->life->isInScopeOn($on)) {
                $heaps[] = new Heap(1, $task->fractionOn($by), $task->minutes, $task->life->existsOn($by) ? 0 : 1);
            }
        }

        return $weighing->tally($heaps);
    }

    /** @return array<string, list<int>> */
    private function daysDone(): array
    {
        $days = [];

        foreach ($this->tasks as $task) {
            $on = $task->life->doneOn;

            if ($on === null) {
                continue;
            }

            $counting = [
                ...$this->links->countingOn($task->stays, $on),
                ...$this->links->countingOn(($this->projects[$task->project ?? ''] ?? null)->serves ?? [], $on),
                ...$this->links->countingOn(($this->recurringTasks[$task->recurringTask ?? ''] ?? null)->serves ?? [], $on),
            ];

            foreach (array_unique(array_column($counting, 'goal')) as $goal) {
                $days[$goal][] = $on->number;
            }
        }

        return $days;
    }
}
