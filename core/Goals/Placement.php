<?php

declare(strict_types=1);

namespace Loftrin\Core\Goals;

/** Where a goal may stand: under a longer horizon or the same, within its period, never under itself. Rules: computation 4. */
final readonly class Placement
{
    /** @param array<array-key, Goal> $goals by id: all that may stand above another */
    public function __construct(private array $goals)
    {
    }

    /** Why the goal may not stand where it does, or null when it may. Names both goals. */
    public function fault(Goal $goal): ?string
    {
        $parent = $goal->parent === null ? null : $this->goals[$goal->parent] ?? null;

        return match (true) {
            $parent === null => null,
            $this->isBeneath($parent, $goal)
                => "“{$goal->title}” cannot be below “{$parent->title}”: it would be below itself",
            ! $parent->period->horizon->mayHold($goal->period->horizon)
                => "“{$goal->title}” cannot be below “{$parent->title}”: a {$goal->period->horizon->value} "
                    ."goal cannot contribute to a {$parent->period->horizon->value} goal",
            ! $parent->period->holds($goal->period)
                => "“{$goal->title}” cannot be below “{$parent->title}”: {$goal->period} is not within {$parent->period}",
            default => null,
        };
    }

    /** Whether the goal is the other, or stands somewhere beneath it. */
    private function isBeneath(Goal $goal, Goal $other): bool
    {
        $way = Lineage::upFrom(
            $goal,
            fn(Goal $at): ?Goal => $this->goals[$at->parent ?? ''] ?? null,
            static fn(Goal $at): string => $at->id,
        );

        return array_filter($way, static fn(Goal $at): bool => $at->id === $other->id) !== [];
    }
}
