<?php

declare(strict_types=1);

namespace Loftrin\Core\Calendar;

/** How far a goal looks ahead. */
enum Horizon: string
{
    case Year = 'year';
    case Quarter = 'quarter';
    case Month = 'month';
    case Week = 'week';

    /** Whether a goal of this horizon may stand above one of the other: a longer one or the same. */
    public function mayHold(self $other): bool
    {
        return $this->rank() <= $other->rank();
    }

    private function rank(): int
    {
        return match ($this) {
            self::Year => 0,
            self::Quarter => 1,
            self::Month => 2,
            self::Week => 3,
        };
    }
}
