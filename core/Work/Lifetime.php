<?php

declare(strict_types=1);

namespace Loftrin\Core\Work;

use Loftrin\Core\Calendar\Day;

/**
 * The dates that a task's life is made of, and what it is because of them on each day. Rules: computation 2.
 *
 * A missing creation date lies before everything.
 */
final readonly class Lifetime
{
    /** The number of the day from which it is open, unless it was done, dropped or shelved by then. */
    public int $opens;

    /** The number of the first day on which it is open no longer, whether it was until then or not. */
    public int $ends;

    public function __construct(
        public ?Day $createdOn = null,
        public ?Day $doneOn = null,
        public ?Day $droppedOn = null,
        public ?Day $shelvedOn = null,
    ) {
        $this->opens = $createdOn->number ?? PHP_INT_MIN;
        $this->ends = min($doneOn->number ?? PHP_INT_MAX, $droppedOn->number ?? PHP_INT_MAX, $shelvedOn->number ?? PHP_INT_MAX);
    }

    /** From its creation, or from when it was done if that is earlier: work entered afterwards. */
    public function existsOn(Day $day): bool
    {
        return $this->createdOn === null || ! $this->createdOn->isAfter($day) || $this->isDoneOn($day);
    }

    public function isDoneOn(Day $day): bool
    {
        return $this->doneOn !== null && ! $this->doneOn->isAfter($day);
    }

    public function isDroppedOn(Day $day): bool
    {
        return ! $this->isDoneOn($day) && $this->droppedOn !== null && ! $this->droppedOn->isAfter($day);
    }

    /** What was done counts, even if it was shelved or dropped, earlier or later. */
    public function isInScopeOn(Day $day): bool
    {
        return $this->isDoneOn($day) || ($this->existsOn($day) && ! $this->isDroppedOn($day) && ! $this->isShelvedOn($day));
    }

    public function isOpenOn(Day $day): bool
    {
        return ! $this->isDoneOn($day) && $this->isInScopeOn($day);
    }

    private function isShelvedOn(Day $day): bool
    {
        return $this->shelvedOn !== null && ! $this->shelvedOn->isAfter($day);
    }
}
