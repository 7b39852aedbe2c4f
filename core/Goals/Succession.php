<?php

declare(strict_types=1);

namespace Loftrin\Core\Goals;

/**
 * Which goal another may carry on: a closed one that was not stopped, from its closing on, and never, through others, itself.
 * Rules: docs/computation.md, at its head.
 */
final readonly class Succession
{
    /** @param array<array-key, Goal> $goals by id */
    public function __construct(private array $goals)
    {
    }

    /** Why the goal may not carry on the one that it names, or null when it may. */
    public function fault(Goal $goal): ?string
    {
        $carried = $this->goals[$goal->carries ?? ''] ?? null;

        return match (true) {
            $carried === null => null,
            $this->leadsBack($goal) => "carries $carried->id: through others, it would carry on itself",
            $carried->closing === null => "carries $carried->id, which is open",
            $carried->closing->result === Result::Stopped => "carries $carried->id, which was stopped",
            $goal->createdOn === null || $goal->createdOn->isBefore($carried->closing->on)
                => "carries $carried->id and needs a created_on from {$carried->closing->on} on, when that was closed",
            default => null,
        };
    }

    private function leadsBack(Goal $goal): bool
    {
        $way = Lineage::upFrom(
            $this->goals[$goal->carries ?? ''] ?? null,
            fn(Goal $at): ?Goal => $this->goals[$at->carries ?? ''] ?? null,
            static fn(Goal $at): string => $at->id,
        );

        return in_array($goal, $way, true);
    }
}
