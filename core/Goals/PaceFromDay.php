<?php

declare(strict_types=1);

namespace Loftrin\Core\Goals;

use Loftrin\Core\Calendar\Calendar;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Calendar\Period;
use Loftrin\Core\Fraction;

/**
 * A goal that begins after its period has begun is counted from its day: nothing is expected of the time before, so that nobody's first
 * goal is far behind on its first day. Rules: computation 4.
 */
final readonly class PaceFromDay
{
    /** Whether something is expected of it from day to day that could lie before it was made. */
    public static function grows(MeasureKind $kind): bool
    {
        return in_array($kind, [MeasureKind::Work, MeasureKind::Number, MeasureKind::Count], true);
    }

    /** The day of the checkpoint of 0 of a goal that begins on the day: the day before; null where the period had not begun by then. */
    public static function checkpoint(Period $period, Day $begins): ?Day
    {
        return $begins->isAfter($period->span->first) && ! $period->isOverOn($begins) ? $begins->plus(-1) : null;
    }

    /** Whether it is proposed to a new goal: after a tenth of the working days of its period. */
    public static function isProposed(Calendar $calendar, Period $period, Day $begins): bool
    {
        return self::checkpoint($period, $begins) !== null &&
            (new Pace($calendar))->even($period->span, $begins)->isAtLeast(Fraction::of(1, 10));
    }
}
