<?php

declare(strict_types=1);

namespace Loftrin\Core\Goals;

/**
 * The exact distribution of a sum of weekly increments, each drawn evenly from a list; a sum that has
 * reached its mark stays there.
 *
 * Kept as counts of ways, not as probabilities: these are whole numbers, exact in a float up to 2⁵³ and
 * good to fifteen digits beyond, and 104 weeks of eight increments stay within a float's range.
 */
final class Walk
{
    /** Ties such as "exactly one half" must not fall to the rounding of large counts. */
    private const TOLERANCE = 1e-12;

    /** @var array<int, float> ways by the sum, of those that have not reached the mark */
    private array $open = [0 => 1.0];

    private float $reached = 0.0;

    private float $all = 1.0;

    /**
     * @param non-empty-list<int> $increments
     * @param int $mark above 0
     */
    public function __construct(private readonly array $increments, private readonly int $mark)
    {
    }

    public function step(): void
    {
        $next = [];
        $choices = count($this->increments);
        $this->reached *= $choices;

        foreach ($this->open as $sum => $ways) {
            foreach ($this->increments as $increment) {
                $to = $sum + $increment;

                if ($to >= $this->mark) {
                    $this->reached += $ways;
                } else {
                    $next[$to] = ($next[$to] ?? 0.0) + $ways;
                }
            }
        }

        $this->open = $next;
        $this->all *= $choices;
    }

    /** Forgets the sums that can no longer reach the mark in so many steps: they only cost time. */
    public function forgetBelow(int $steps): void
    {
        $reach = $this->mark - $steps * max(0, ...$this->increments);
        $this->open = array_filter($this->open, static fn(int $sum): bool => $sum >= $reach, ARRAY_FILTER_USE_KEY);
    }

    /** The probability of having reached the mark, 0 to 1. */
    public function chance(): float
    {
        return $this->reached / $this->all;
    }

    public function isAtLeast(float $probability): bool
    {
        return $this->chance() >= $probability - self::TOLERANCE;
    }

    /** The smallest sum, held at the mark, that the given share of all endings does not exceed. */
    public function quantile(float $share): int
    {
        ksort($this->open);
        $ways = 0.0;

        foreach ($this->open as $sum => $count) {
            $ways += $count;

            if ($ways / $this->all >= $share - self::TOLERANCE) {
                return $sum;
            }
        }

        return $this->mark;
    }
}
