<?php

declare(strict_types=1);

namespace Database\Demo;

use Loftrin\Core\Calendar\Calendar;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Calendar\Period;
use Loftrin\Core\Calendar\Weekday;

/**
 * The day on which the demo is loaded and the calendar around it.
 *
 * The company's business year begins seven months before the present one, so that on any day there
 * are two closed quarters, one in its middle and one to come.
 */
final readonly class Stage
{
    public Calendar $calendar;

    public Period $year;

    public Dice $dice;

    public function __construct(public Day $today)
    {
        $this->calendar = new Calendar(yearStartsIn: $this->yearStartsIn(), holidays: $this->holidays());
        $this->year = $this->calendar->yearOf($today);
        $this->dice = new Dice(20270);
    }

    public function yearStartsIn(): int
    {
        return ($this->today->month() + 4) % 12 + 1;
    }

    /** @return list<Day> */
    public function holidays(): array
    {
        $days = [];

        foreach ([-1, 0, 1] as $shift) {
            foreach ([[1, 1], [5, 1], [12, 24], [12, 25], [12, 26]] as [$month, $day]) {
                $days[] = Day::ofParts($this->today->year() + $shift, $month, $day);
            }
        }

        return $days;
    }

    /** @return list<string> */
    public function workingDays(): array
    {
        return array_map(static fn(Weekday $day): string => $day->label(), $this->calendar->workingDays);
    }

    public function quarter(int $number): Period
    {
        return $this->calendar->period("{$this->year->name}-Q$number");
    }

    /** The week so many weeks from the present one. */
    public function week(int $away): Period
    {
        return $this->calendar->weekOf($this->today->plus(7 * $away));
    }

    /** A working day on or before the day. */
    public function worked(Day $day): Day
    {
        while (! $this->calendar->isWorkingDay($day)) {
            $day = $day->plus(-1);
        }

        return $day;
    }

    /** A working day between the two, the later one included. */
    public function between(Day $from, Day $to): Day
    {
        $number = $to->isBefore($from) ? $from->number : $this->dice->between($from->number, $to->number);
        $day = $this->worked(Day::ofNumber($number));

        return $day->isBefore($from) ? $from : $day;
    }

    public function yesterday(): Day
    {
        return $this->worked($this->today->plus(-1));
    }
}
