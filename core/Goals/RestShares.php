<?php

declare(strict_types=1);

namespace Loftrin\Core\Goals;

use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Fraction;
use Loftrin\Core\Work\LeftOut;

/**
 * What weighs for the rest of another goal. What carries a closed goal on beneath the same parent is no second goal there: its
 * parts share what the closed one left undone, w·(1 − p), by their own weights. Rules: computation 4.
 */
final class RestShares
{
    /** @var array<array-key, Goal> */
    private readonly array $goals;

    /** @var array<array-key, list<Goal>> the parts that share in the rest of a goal, by its id */
    private array $parts = [];

    /** @var array<array-key, Fraction> */
    private array $weights = [];

    /**
     * @param list<Goal> $children of one goal, there by the day
     * @param callable(Goal): ?Fraction $counted what a child counts there on the day
     */
    private function __construct(array $children, private readonly Day $on, private readonly mixed $counted)
    {
        $this->goals = array_column($children, null, 'id');

        foreach ($children as $child) {
            $carried = $this->carriedBy($child);

            if ($carried !== null && in_array($child->leftOutOn($on), [null, LeftOut::Stopped], true)) {
                $this->parts[$carried->id][] = $child;
            }
        }
    }

    /**
     * The weights of those children that count for the rest of another; the others weigh what they weigh. One that was stopped
     * keeps its share, which stays undone; one that is left out for another reason takes none.
     *
     * @param list<Goal> $children of one goal, there by the day
     * @param callable(Goal): ?Fraction $counted what a child that is not left out counts there on the day
     *
     * @return array<array-key, Fraction> by goal
     */
    public static function among(array $children, Day $on, callable $counted): array
    {
        if (array_filter(array_column($children, 'carries'), is_string(...)) === []) {
            return [];
        }

        $shares = new self($children, $on, $counted);
        $ofRests = array_merge(...array_values($shares->parts));

        return array_combine(array_column($ofRests, 'id'), array_map($shares->weight(...), $ofRests));
    }

    /** The goal the rest of which the child is; null where it is a goal like any other. */
    private function carriedBy(Goal $child): ?Goal
    {
        $carried = $this->goals[$child->carries ?? ''] ?? null;

        return $carried !== null &&
            $carried->closingOn($this->on) !== null &&
            $carried->leftOutOn($this->on) === null &&
            $this->left($carried)->isPositive()
            ? $carried
            : null;
    }

    /** What the goal left undone, 0 to 1. */
    private function left(Goal $goal): Fraction
    {
        return Fraction::one()->minus(($this->counted)($goal) ?? Fraction::zero());
    }

    private function weight(Goal $goal): Fraction
    {
        return $this->weights[$goal->id] ??= $this->workOut($goal);
    }

    private function workOut(Goal $goal): Fraction
    {
        $carried = $this->goals[$goal->carries ?? ''] ?? null;
        $beside = $carried === null ? [] : $this->parts[$carried->id] ?? [];

        if ($carried === null || ! in_array($goal, $beside, true)) {
            return $goal->weight;
        }

        $weights = array_reduce($beside, static fn(Fraction $sum, Goal $part): Fraction => $sum->plus($part->weight), Fraction::zero());

        return $this->weight($carried)->times($this->left($carried))->times($goal->weight)->over($weights);
    }
}
