<?php

declare(strict_types=1);

namespace Loftrin\Core\Work;

use Loftrin\Core\Calendar\Calendar;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Calendar\Horizon;
use Loftrin\Core\Calendar\Period;
use Loftrin\Core\Calendar\Span;

/** How a task that is still open when its time ends comes along by itself. Rules: computation 8. */
final readonly class Carrying
{
    /** From this count on the task asks for a decision. */
    public const ASKS_AT = 3;

    /** Days without a change after which an open, unplanned task has no recent activity. */
    public const UNTOUCHED_AFTER = 28;

    public function __construct(private Calendar $calendar)
    {
    }

    /**
     * Where a task planned for a day stands on another: itself, then the next working day until its week
     * ends, then the later weeks. A day is carried within its week only; from there on it is the week's.
     */
    public function day(Day $planned, Day $on): Day|Period
    {
        $week = $this->calendar->weekOf($planned);

        if (! $on->isAfter($planned)) {
            return $planned;
        }

        if ($on->isAfter($week->span->last)) {
            return $this->calendar->weekOf($on);
        }

        for ($day = $on; ! $day->isAfter($week->span->last); $day = $day->plus(1)) {
            if ($this->calendar->isWorkingDay($day)) {
                return $day;
            }
        }

        // No working day is left in its week: it waits there, with no day, for the week to end.
        return $week;
    }

    /** Where a task planned for a period stands on the day: there, or in the period of its kind that holds the day. */
    public function period(Period $planned, Day $on): Period
    {
        return $planned->isOverOn($on) ? $this->calendar->periodOf($planned->horizon, $on) : $planned;
    }

    /**
     * How many ends of its span a task has crossed by the day, not counting those while it was on the shelf.
     *
     * A day's end is its week's.
     *
     * @param Day|Period $planned where it stood when the counting began
     * @param list<Span> $shelved the days during which it was on the shelf
     */
    public function crossings(Day|Period $planned, Day $on, array $shelved = []): int
    {
        $period = $planned instanceof Day ? $this->calendar->weekOf($planned) : $planned;
        $crossed = 0;

        for (; $period->isOverOn($on); $period = $this->calendar->next($period)) {
            $last = $period->span->last;
            $rested = array_filter($shelved, static fn(Span $span): bool => $span->holds($last));
            $crossed += $rested === [] ? 1 : 0;
        }

        return $crossed;
    }

    /** Whether a task planned for a month, quarter or year is to be offered when that week is planned. */
    public function isOffered(Period $planned, Period $week, Day $on): bool
    {
        return $planned->horizon !== Horizon::Week &&
            ($planned->holds($week) || $planned->isOverOn($week->anchor())) &&
            $planned->hasBegunOn($on->isAfter($week->anchor()) ? $on : $week->anchor());
    }

    /** Whether an open task that is not planned has lain unchanged for too long. */
    public function isUntouched(?Day $changed, Day $on): bool
    {
        return $changed !== null && $on->number - $changed->number >= self::UNTOUCHED_AFTER;
    }
}
