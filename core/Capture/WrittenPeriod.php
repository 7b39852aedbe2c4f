<?php

declare(strict_types=1);

namespace Loftrin\Core\Capture;

use Closure;
use Loftrin\Core\Calendar\Calendar;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Calendar\Horizon;
use Loftrin\Core\Calendar\Period;

/** Reads a week, month, quarter or year in plain words, or the day on which one ends. */
final readonly class WrittenPeriod
{
    /** @param Closure(Day): Day $lastWorkingDay the last up to a day */
    public function __construct(private Calendar $calendar, private Day $today, private Closure $lastWorkingDay)
    {
    }

    /** "next month", "week after next", "end of the quarter", "week 48", "Q3 2027". */
    public function read(string $said): Day|Period|null
    {
        if (preg_match('/^(this|next) (week|month|quarter|year)$/', $said, $found) === 1) {
            return $this->period($found[2], $found[1] === 'next');
        }

        if (preg_match('/^end of (?:the )?(?:(this|next) )?(week|month|quarter|year)$/', $said, $found) === 1) {
            $span = $this->period($found[2], $found[1] === 'next')->span;

            return $found[2] === 'week' ? ($this->lastWorkingDay)($span->last) : $span->last;
        }

        return match (true) {
            $said === 'week after next' => $this->calendar->next($this->period('week', true)),
            preg_match('/^end of ('.WrittenDate::MONTHS.')$/', $said, $found) === 1 => $this->monthNamed($found[1])?->span->last,
            preg_match('/^week (\d{1,2})$/', $said, $found) === 1 => $this->coming(
                static fn(int $year): string => sprintf('%d-W%02d', $year, $found[1]),
            ),
            preg_match('/^q([1-4])$/', $said, $found) === 1 => $this->coming(static fn(int $year): string => "$year-Q$found[1]"),
            preg_match('/^q([1-4]) (\d{4})$/', $said, $found) === 1 => $this->calendar->tryPeriod("$found[2]-Q$found[1]"),
            preg_match('/^('.WrittenDate::MONTHS.')$/', $said) === 1 => $this->monthNamed($said),
            preg_match('/^('.WrittenDate::MONTHS.') (\d{4})$/', $said, $found) === 1 => $this->calendar->tryPeriod(
                sprintf('%s-%02d', $found[2], WrittenDate::month($found[1])),
            ),
            default => null,
        };
    }

    private function period(string $horizon, bool $isNext): Period
    {
        $period = $this->calendar->periodOf(Horizon::from($horizon), $this->today);

        return $isNext ? $this->calendar->next($period) : $period;
    }

    private function monthNamed(string $month): ?Period
    {
        $number = WrittenDate::month($month);

        return $this->coming(static fn(int $year): string => sprintf('%d-%02d', $year, $number));
    }

    /**
     * The first of its kind that is not over.
     *
     * @param callable(int): string $name of the period in a year
     */
    private function coming(callable $name): ?Period
    {
        $year = $this->calendar->yearOf($this->today)->anchor()->year();

        foreach ([$year - 1, $year, $year + 1, $year + 2] as $each) {
            $period = $this->calendar->tryPeriod($name($each));

            if ($period !== null && ! $period->isOverOn($this->today)) {
                return $period;
            }
        }

        return null;
    }
}
