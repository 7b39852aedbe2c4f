<?php

declare(strict_types=1);

namespace App\Queries\Projects;

use Loftrin\Core\Work\ProjectCondition;

/** The work of many projects, as the database counted it. */
final readonly class CountedWork
{
    /** @param array<int, ProjectFacts> $facts by project */
    public function __construct(private array $facts)
    {
    }

    /** Null of one that is not among those that were counted. */
    public function of(int $project): ?ProjectFacts
    {
        return $this->facts[$project] ?? null;
    }

    /** How many of them stand so; with none given, how many need somebody at all. */
    public function in(?ProjectCondition $condition = null): int
    {
        return count(
            array_filter(
                $this->facts,
                static fn(ProjectFacts $facts): bool => $condition === null ? $facts->condition !== null : $facts->condition === $condition,
            ),
        );
    }

    /** @return array<int, int> how many of the projects each person owns, the most first */
    public function byOwner(): array
    {
        $counts = array_count_values(array_map(static fn(ProjectFacts $facts): int => $facts->owner, $this->facts));
        arsort($counts);

        return $counts;
    }
}
