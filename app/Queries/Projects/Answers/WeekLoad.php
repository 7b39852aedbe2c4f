<?php

declare(strict_types=1);

namespace App\Queries\Projects\Answers;

use App\Queries\Props;
use Loftrin\Core\Work\Capacity;

/** What a person carries in a week, and what a project would add to it. */
final readonly class WeekLoad implements Props
{
    /**
     * @param int $planned minutes that are planned already
     * @param int $added minutes that would come
     * @param int $available minutes
     * @param bool $isOver together they are more than fits
     */
    private function __construct(public string $week, public int $planned, public int $added, public int $available, public bool $isOver)
    {
    }

    /** @param ?int $known minutes that are taken by what all may know of, where others look: they see free time rounded down */
    public static function of(string $week, Capacity $capacity, int $added, ?int $known): self
    {
        $available = $known === null ? $capacity->available() : max(0, $capacity->hours - $known);
        $free = $known === null ? $capacity->free() : $capacity->freeToOthers();

        return new self(
            week: $week,
            planned: $available - $free,
            added: $added,
            available: $available,
            // By what is shown: the exact figure could be tried out with one template after the other.
            isOver: $free < $added,
        );
    }
}
