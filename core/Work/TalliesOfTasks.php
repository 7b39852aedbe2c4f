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

    /** @var array<string, list<Task>> */
    private array $byGoal = [];

    /** @var array<string, list<Task>> */
    private array $byRecurringTask = [];

    /** @var array<string, array<string, Tally>> by project and days */
    private array $known = [];

    /** @var array<string, list<int>> the days on which a goal's linked tasks were done, ascending */
    private array $doneDays = [];

    /** @var array<string, list<string>> ids of the projects by goal */
    private array $projectsOfGoal = [];

    /** @var array<string, list<string>> ids of the recurring tasks by goal */
    private array $recurringTasksOfGoal = [];

    /**
     * @param array<array-key, Project> $projects by id
     * @param array<array-key, RecurringTask> $recurringTasks by id
     * @param list<Task> $tasks
     */
    public function __construct(private readonly array $projects, array $recurringTasks, array $tasks)
    {
        foreach ($tasks as $task) {
            if ($task->project !== null) {
                $this->byProject[$task->project][] = $task;
            }

            if ($task->goal !== null) {
                $this->byGoal[$task->goal][] = $task;
            }

            if ($task->recurringTask !== null) {
                $this->byRecurringTask[$task->recurringTask][] = $task;
            }
        }

        foreach ($projects as $project) {
            foreach ($project->serves as $link) {
                $this->projectsOfGoal[$link->goal][] = $project->id;
            }
        }

        foreach ($recurringTasks as $recurringTask) {
            foreach ($recurringTask->serves as $link) {
                $this->recurringTasksOfGoal[$link->goal][] = $recurringTask->id;
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
        $there = array_values(array_filter($this->byGoal[$goal] ?? [], static fn(Task $task): bool => $task->life->existsOn($on)));

        return $there === [] ? null : self::tally($there, Weighing::Count, $on, $by ?? $on);
    }

    public function doneFor(string $goal, Span $span): int
    {
        $days = $this->doneDays[$goal] ??= $this->daysDone($goal);

        return count(array_filter($days, static fn(int $day): bool => $day >= $span->first->number && $day <= $span->last->number));
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

    /** @return list<int> */
    private function daysDone(string $goal): array
    {
        $lists = [
            $this->byGoal[$goal] ?? [],
            ...array_map(fn(string $id): array => $this->byProject[$id] ?? [], $this->projectsOfGoal[$goal] ?? []),
            ...array_map(fn(string $id): array => $this->byRecurringTask[$id] ?? [], $this->recurringTasksOfGoal[$goal] ?? []),
        ];
        $days = [];

        foreach (array_merge(...$lists) as $task) {
            if ($task->life->doneOn !== null) {
                $days[$task->id] = $task->life->doneOn->number;
            }
        }

        return array_values($days);
    }
}
