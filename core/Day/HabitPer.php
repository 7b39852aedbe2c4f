<?php

declare(strict_types=1);

namespace Loftrin\Core\Day;

use Loftrin\Core\Calendar\Calendar;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Calendar\Span;

/** How often a habit is counted anew. */
enum HabitPer: string
{
    case Day = 'day';
    case Week = 'week';
    case Month = 'month';

    /** The period of this length that holds the day. */
    public function spanOf(Calendar $calendar, Day $day): Span
    {
        return match ($this) {
            self::Day => new Span($day, $day),
            self::Week => $calendar->weekOf($day)->span,
            self::Month => $calendar->monthOf($day)->span,
        };
    }
}
