<?php

declare(strict_types=1);

namespace Loftrin\Core\Work;

use InvalidArgumentException;
use Loftrin\Core\Calendar\Day;

/** What can be done now, and which projects are stuck or ready to close. Rules: computation 8 and 9. */
final class Doable
{
    /** @var array<array-key, Task> */
    private array $tasks = [];

    /** @var array<string, list<Task>> */
    private array $byProject = [];

    /** @var array<string, int> the first stage of each staged project that still has an open task */
    private array $openStage = [];

    /**
     * @param array<array-key, Project> $projects by id
     * @param list<Task> $tasks all of those projects, and those that they wait for
     */
    public function __construct(private readonly array $projects, array $tasks, private readonly Day $on)
    {
        foreach ($tasks as $task) {
            $this->tasks[$task->id] = $task;

            if ($task->project === null) {
                continue;
            }

            $this->byProject[$task->project][] = $task;

            if ($task->life->isOpenOn($on)) {
                $stage = $projects[$task->project]->stageIndex($task->stage);
                $this->openStage[$task->project] = min($stage, $this->openStage[$task->project] ?? $stage);
            }
        }
    }

    /**
     * Refuses tasks that wait for each other in a loop.
     *
     * @param array<string, list<string>> $after ids of the tasks that each waits for
     *
     * @throws InvalidArgumentException naming a task in the loop
     */
    public static function refuseLoop(array $after): void
    {
        $state = [];

        foreach (array_keys($after) as $root) {
            // An explicit stack: a chain of thousands must not exhaust the call stack.
            $stack = [$root];

            while ($stack !== []) {
                $id = end($stack);

                if (($state[$id] ?? '') === '') {
                    $state[$id] = 'open';

                    foreach ($after[$id] ?? [] as $next) {
                        if (($state[$next] ?? '') === 'open') {
                            throw new InvalidArgumentException("task $next: it waits, through others, for itself");
                        }

                        if (($state[$next] ?? '') === '') {
                            $stack[] = $next;
                        }
                    }

                    continue;
                }

                $state[$id] = 'closed';
                array_pop($stack);
            }
        }
    }

    /** Whether somebody could start on the task now. */
    public function isNow(Task $task): bool
    {
        return $task->life->isOpenOn($this->on) && ! $task->waits && $this->couldStart($task);
    }

    /** Whether its project, its place in it and what it depends on would let it start. */
    private function couldStart(Task $task): bool
    {
        return $this->isItsTurn($task) && $this->nothingHoldsUp($task);
    }

    /**
     * The tasks that can start now, in the order given.
     *
     * @return list<Task>
     */
    public function now(): array
    {
        return array_values(array_filter($this->tasks, $this->isNow(...)));
    }

    /** Why a project needs somebody; null where it does not. */
    public function conditionOf(Project $project): ?ProjectCondition
    {
        $tasks = array_filter($this->byProject[$project->id] ?? [], fn(Task $task): bool => $task->life->isInScopeOn($this->on));
        $open = array_filter($tasks, fn(Task $task): bool => $task->life->isOpenOn($this->on));

        return ProjectCondition::of($project, count($tasks), count($open), array_filter($open, $this->couldStart(...)) !== [], $this->on);
    }

    private function isItsTurn(Task $task): bool
    {
        if ($task->project === null) {
            return true;
        }

        $project = $this->projects[$task->project];

        return $project->isThereOn($this->on) &&
            $project->isActiveOn($this->on) &&
            ($project->order === StageOrder::Any || $project->stageIndex($task->stage) === ($this->openStage[$project->id] ?? 0));
    }

    private function nothingHoldsUp(Task $task): bool
    {
        foreach ($task->after as $id) {
            $other = ($this->tasks[$id] ?? null)?->life;

            if ($other === null || ! ($other->isDoneOn($this->on) || ($other->existsOn($this->on) && $other->isDroppedOn($this->on)))) {
                return false;
            }
        }

        return true;
    }
}
