<?php

declare(strict_types=1);

namespace App\Queries\Projects;

use App\Models\Task;
use App\Queries\Parts\ListedTask;
use Loftrin\Core\Fraction;
use Loftrin\Core\Goals\Figure;

/** Many projects without their tasks: the database counted them and found the next step of each. */
final class CountedWork implements ProjectWork
{
    /** @var ?array<int, ListedTask> by project: the next steps, once they are asked for */
    private ?array $next = null;

    /** @param array<int, ProjectFacts> $facts by project */
    public function __construct(private readonly array $facts)
    {
    }

    public function progress(int $project): ?Fraction
    {
        return $this->facts[$project]->progress;
    }

    public function figure(int $project): ?Figure
    {
        return $this->facts[$project]->figure;
    }

    public function isStuck(int $project): bool
    {
        return $this->facts[$project]->isStuck;
    }

    public function isReady(int $project): bool
    {
        return $this->facts[$project]->isReady;
    }

    public function tasks(int $project): int
    {
        return $this->facts[$project]->tasks;
    }

    public function open(int $project): int
    {
        return $this->facts[$project]->open;
    }

    public function next(int $project): ?ListedTask
    {
        $this->next ??= $this->nextSteps(array_keys($this->facts));

        return $this->next[$project] ?? null;
    }

    /** Whether it is among those that were counted. */
    public function has(int $project): bool
    {
        return isset($this->facts[$project]);
    }

    /**
     * Looks for the next steps of some of the projects at once, where only those are shown.
     *
     * @param list<int> $shown
     */
    public function lookAhead(array $shown): void
    {
        $this->next = $this->nextSteps($shown);
    }

    public function stuck(): int
    {
        return count(array_filter($this->facts, static fn(ProjectFacts $facts): bool => $facts->isStuck));
    }

    /** How many of the projects are stuck or ready to close. */
    public function needy(): int
    {
        return $this->stuck() + count(array_filter($this->facts, static fn(ProjectFacts $facts): bool => $facts->isReady));
    }

    /** @return array<int, int> how many of the projects each person owns, the most first */
    public function byOwner(): array
    {
        $counts = array_count_values(array_map(static fn(ProjectFacts $facts): int => $facts->owner, $this->facts));
        arsort($counts);

        return $counts;
    }

    /**
     * @param list<int> $projects
     *
     * @return array<int, ListedTask> by project
     */
    private function nextSteps(array $projects): array
    {
        $steps = array_filter(array_map(fn(int $project): ?int => $this->facts[$project]->next, $projects), is_int(...));

        $next = [];

        foreach (ListedTask::all(Task::query()->whereIntegerInRaw('id', $steps)) as $task) {
            $next[$task->project_id ?? 0] = $task;
        }

        return $next;
    }
}
