<?php

declare(strict_types=1);

namespace Loftrin\Core\Calendar;

use InvalidArgumentException;

/**
 * The workspace's calendar: where its weeks and years begin, and which days are worked.
 *
 * Rules: computation 1.
 */
final readonly class Calendar
{
    private WorkingDays $worked;

    /**
     * @param int $yearStartsIn the month, 1 to 12
     * @param list<Weekday> $workingDays
     * @param list<Day> $holidays
     *
     * @throws InvalidArgumentException when the month does not exist
     */
    public function __construct(
        public Weekday $weekStartsOn = Weekday::Monday,
        public int $yearStartsIn = 1,
        public array $workingDays = [Weekday::Monday, Weekday::Tuesday, Weekday::Wednesday, Weekday::Thursday, Weekday::Friday],
        array $holidays = [],
    ) {
        if ($yearStartsIn < 1 || $yearStartsIn > 12) {
            throw new InvalidArgumentException('A year starts in a month from 1 to 12.');
        }

        $this->worked = new WorkingDays($workingDays, $holidays);
    }

    /** The week that holds the day. */
    public function weekOf(Day $day): Period
    {
        return $this->weekFrom($day->plus(-$day->weekday()->daysAfter($this->weekStartsOn)));
    }

    public function monthOf(Day $day): Period
    {
        return $this->months(Horizon::Month, $day->year(), $day->month(), 1);
    }

    public function quarterOf(Day $day): Period
    {
        $offset = ($day->month() - $this->yearStartsIn + 12) % 12;

        return $this->quarter($this->nameOfYear($day), intdiv($offset, 3) + 1);
    }

    public function yearOf(Day $day): Period
    {
        return $this->year($this->nameOfYear($day));
    }

    /** The period of that horizon that holds the day. */
    public function periodOf(Horizon $horizon, Day $day): Period
    {
        return match ($horizon) {
            Horizon::Year => $this->yearOf($day),
            Horizon::Quarter => $this->quarterOf($day),
            Horizon::Month => $this->monthOf($day),
            Horizon::Week => $this->weekOf($day),
        };
    }

    public function next(Period $period): Period
    {
        return $this->periodOf($period->horizon, $period->span->last->plus(1));
    }

    public function previous(Period $period): Period
    {
        return $this->periodOf($period->horizon, $period->span->first->plus(-1));
    }

    /** The next one of its kind, or the one that holds the day if that is over by then. */
    public function upcoming(Period $period, Day $on): Period
    {
        $next = $this->next($period);

        return $next->isOverOn($on) ? $this->periodOf($period->horizon, $on) : $next;
    }

    /** The year named after the calendar year in which it ends. */
    public function year(int $name): Period
    {
        return $this->months(Horizon::Year, $this->calendarYearOfStart($name), $this->yearStartsIn, 12, sprintf('%04d', $name));
    }

    /**
     * The period of a name: `2027`, `2027-Q1`, `2027-02` or `2027-W05`.
     *
     * @throws InvalidArgumentException when there is no such period
     */
    public function period(string $name): Period
    {
        return $this->tryPeriod($name) ??
            throw new InvalidArgumentException("$name is not a period: write 2027, 2027-Q1, 2027-02 or 2027-W05.");
    }

    public function tryPeriod(string $name): ?Period
    {
        if (
            preg_match(
                '/^(?<year>\d{4})(?:-(?:Q(?<quarter>[1-4])|W(?<week>\d{2})|(?<month>0[1-9]|1[0-2])))?$/D',
                $name,
                $part,
                PREG_UNMATCHED_AS_NULL,
            ) !== 1
        ) {
            return null;
        }

        $year = (int) $part['year'];

        if ($year < 2 || $year > 9998) {
            return null;
        }

        return match (true) {
            isset($part['quarter']) => $this->quarter($year, (int) $part['quarter']),
            isset($part['week']) => $this->week($year, (int) $part['week']),
            isset($part['month']) => $this->months(Horizon::Month, $year, (int) $part['month'], 1),
            default => $this->year($year),
        };
    }

    /**
     * The time that a task is planned for: a day, or a period by its name.
     *
     * @throws InvalidArgumentException when it is neither
     */
    public function planned(string $name): Day|Period
    {
        return Day::tryOf($name) ??
            ($this->tryPeriod($name) ?? throw new InvalidArgumentException("$name is neither a date nor a period."));
    }

    /**
     * The weeks whose anchors lie in the span, in order.
     *
     * @return list<Period>
     */
    public function weeksIn(Span $span): array
    {
        $weeks = [];

        for ($week = $this->weekOf($span->first); ! $week->anchor()->isAfter($span->last); $week = $this->next($week)) {
            if ($span->holds($week->anchor())) {
                $weeks[] = $week;
            }
        }

        return $weeks;
    }

    public function isWorkingDay(Day $day): bool
    {
        return $this->worked->holds($day);
    }

    /** Working days of the span: its days that fall on a working weekday and are no holiday. */
    /** The day itself if it is a working day, or else the next one; the day itself where the next year has none. */
    public function workingDayFrom(Day $day): Day
    {
        for ($later = 0; $later < 366; $later++) {
            if ($this->isWorkingDay($day->plus($later))) {
                return $day->plus($later);
            }
        }

        return $day;
    }

    public function workingDays(Span $span): int
    {
        return $this->worked->before($span->last->number + 1) - $this->worked->before($span->first->number);
    }

    /** Working days of the span before the day: the day itself is not counted. */
    public function workingDaysBefore(Span $span, Day $day): int
    {
        if (! $day->isAfter($span->first)) {
            return 0;
        }

        return $this->worked->before(min($day->number, $span->last->number + 1)) - $this->worked->before($span->first->number);
    }

    private function weekFrom(Day $first): Period
    {
        $anchor = $first->plus(3);
        $thursday = $anchor->plus(3 - $anchor->weekday()->value);
        $number = intdiv($thursday->number - Day::ofParts($thursday->year(), 1, 1)->number, 7) + 1;

        return new Period(Horizon::Week, sprintf('%04d-W%02d', $thursday->year(), $number), new Span($first, $first->plus(6)));
    }

    /** The week whose anchor lies in that ISO 8601 week, or null when the year has no such week. */
    private function week(int $year, int $number): ?Period
    {
        $fourth = Day::ofParts($year, 1, 4);
        $monday = $fourth->plus(7 * ($number - 1) - $fourth->weekday()->value);
        $anchor = $monday->plus($this->weekStartsOn->plus(3)->value);
        $week = $this->weekFrom($anchor->plus(-3));

        return $week->name === sprintf('%04d-W%02d', $year, $number) ? $week : null;
    }

    private function quarter(int $year, int $number): Period
    {
        $month = $this->yearStartsIn - 1 + 3 * ($number - 1);

        return $this->months(
            Horizon::Quarter,
            $this->calendarYearOfStart($year) + intdiv($month, 12),
            ($month % 12) + 1,
            3,
            sprintf('%04d-Q%d', $year, $number),
        );
    }

    private function months(Horizon $horizon, int $year, int $month, int $count, ?string $name = null): Period
    {
        $after = $month - 1 + $count;

        return new Period(
            $horizon,
            $name ?? sprintf('%04d-%02d', $year, $month),
            new Span(Day::ofParts($year, $month, 1), Day::ofParts($year + intdiv($after, 12), ($after % 12) + 1, 1)->plus(-1)),
        );
    }

    private function nameOfYear(Day $day): int
    {
        return $day->year() + ($this->yearStartsIn > 1 && $day->month() >= $this->yearStartsIn ? 1 : 0);
    }

    private function calendarYearOfStart(int $name): int
    {
        return $this->yearStartsIn === 1 ? $name : $name - 1;
    }
}
