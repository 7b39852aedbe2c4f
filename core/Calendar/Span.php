<?php

declare(strict_types=1);

namespace Loftrin\Core\Calendar;

use InvalidArgumentException;

/** The days from the first to the last, both included. */
final readonly class Span
{
    /** @throws InvalidArgumentException when the last day lies before the first */
    public function __construct(public Day $first, public Day $last)
    {
        if ($last->isBefore($first)) {
            throw new InvalidArgumentException("A span cannot end on $last and begin on $first.");
        }
    }

    public function holds(Day $day): bool
    {
        return ! $day->isBefore($this->first) && ! $day->isAfter($this->last);
    }

    public function contains(self $other): bool
    {
        return $this->holds($other->first) && $this->holds($other->last);
    }

    /** The day as of which it is looked at: today, or its last day once that is behind. */
    public function asOf(Day $today): Day
    {
        return $today->isBefore($this->last) ? $today : $this->last;
    }

    /** Calendar days in it, at least 1. */
    public function length(): int
    {
        return $this->last->number - $this->first->number + 1;
    }
}
