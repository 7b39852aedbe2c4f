<?php

declare(strict_types=1);

namespace Loftrin\Core\Day;

use Loftrin\Core\Calendar\Calendar;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Calendar\Span;
use Loftrin\Core\Calendar\Weekday;

/** Something to do so many times a day, week or month, counted in a row. Rules: computation 12. */
final readonly class Habit
{
    /**
     * @param int $times how often in each period, from 1
     * @param list<Weekday> $weekdays on which a daily one counts; all of them when empty, and for the others
     * @param array<int, int> $counts how often it was done, by the number of the day
     * @param list<Span> $rests the days on which it rests on purpose
     */
    public function __construct(
        public HabitPer $per,
        public int $times,
        public array $weekdays,
        public Day $beganOn,
        private array $counts = [],
        private array $rests = [],
    ) {
    }

    /** How many periods in a row met the target, up to the last complete one; the present one adds one once it has met it. */
    public function inARow(Calendar $calendar, Day $on): int
    {
        $row = 0;

        foreach ($this->backFrom($calendar, $on) as $period) {
            if ($period->state === HabitState::Missed) {
                break;
            }

            $row += $period->state === HabitState::Met ? 1 : 0;
        }

        return $row;
    }

    /** @return list<HabitPeriod> the last so many, the oldest first; fewer where it began later */
    public function recent(Calendar $calendar, Day $on, int $count): array
    {
        $periods = [];

        foreach ($this->backFrom($calendar, $on) as $period) {
            if (count($periods) === $count) {
                break;
            }

            array_unshift($periods, $period);
        }

        return $periods;
    }

    /** Whether it is asked for on the day: a daily one only on the weekdays chosen for it. */
    public function isFor(Day $day): bool
    {
        return $this->per !== HabitPer::Day || $this->weekdays === [] || in_array($day->weekday(), $this->weekdays, true);
    }

    /** @return iterable<HabitPeriod> the one that holds the day, then those before it, until the one in which it began */
    private function backFrom(Calendar $calendar, Day $on): iterable
    {
        for ($day = $on; ! $day->isBefore($this->beganOn); $day = $span->first->plus(-1)) {
            $span = $this->per->spanOf($calendar, $day);

            if ($this->isFor($day)) {
                $count = $this->countIn($span);

                yield new HabitPeriod($span, $count, $this->state($span, $count, $on));
            }
        }
    }

    private function state(Span $span, int $count, Day $on): HabitState
    {
        return match (true) {
            $span->holds($this->beganOn), $this->restsIn($span) => HabitState::Rest,
            $count >= $this->times => HabitState::Met,
            $span->last->isBefore($on) => HabitState::Missed,
            default => HabitState::Open,
        };
    }

    private function countIn(Span $span): int
    {
        $count = 0;

        for ($day = $span->first; ! $day->isAfter($span->last); $day = $day->plus(1)) {
            $count += $this->counts[$day->number] ?? 0;
        }

        return $count;
    }

    private function restsIn(Span $span): bool
    {
        foreach ($this->rests as $rest) {
            if (! $rest->last->isBefore($span->first) && ! $rest->first->isAfter($span->last)) {
                return true;
            }
        }

        return false;
    }
}
