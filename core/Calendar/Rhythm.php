<?php

declare(strict_types=1);

namespace Loftrin\Core\Calendar;

use InvalidArgumentException;

/** When something comes back: by a rule, so long after it was last done, or whenever it is needed. Rules: computation 12. */
final readonly class Rhythm
{
    /**
     * @param string $words as it was said
     * @param ?string $rule RFC 5545 RRULE
     * @param ?int $every with a unit: so many of them after it was done
     */
    public function __construct(
        public string $words,
        public ?string $rule = null,
        public ?int $every = null,
        public ?string $unit = null,
    ) {
    }

    public function isWhenNeeded(): bool
    {
        return $this->rule === null && $this->every === null;
    }

    /**
     * The day from which a rule is counted that was given on one: of every so many weeks, its first day on or after that, so that none is
     * skipped because the week had begun. Rules: computation 12.
     */
    public function beginning(Day $startsOn): Day
    {
        if ($this->rule === null || preg_match('/^FREQ=WEEKLY;INTERVAL=\d+;BYDAY=/', $this->rule) !== 1) {
            return $startsOn;
        }

        return Recurrence::tryOf((string) preg_replace('/;INTERVAL=\d+/', '', $this->rule), $startsOn)?->nextFrom($startsOn) ?? $startsOn;
    }

    /** @throws InvalidArgumentException of a rule that is none that is taken, or comes for the first time only years later */
    public function refuseLate(Day $startsOn): void
    {
        if ($this->rule !== null) {
            Recurrence::starting($this->rule, $startsOn);
        }
    }

    /** @return list<Day> its first days */
    public function first(int $count, Day $startsOn): array
    {
        $days = [];

        while (count($days) < $count && $this->rule !== null) {
            $next = $this->firstFrom($days === [] ? $startsOn : $days[count($days) - 1]->plus(1), $startsOn);

            if ($next === null) {
                break;
            }

            $days[] = $next;
        }

        return $days;
    }

    /** Whether its rule can be worked out: one that was kept before rules were bounded may not be. */
    public function isWorkable(): bool
    {
        return $this->rule === null || RecurrenceRule::fault($this->rule) === null;
    }

    /** The first time on or after a day; null when it only comes as needed, or never. */
    public function firstFrom(Day $day, Day $startsOn): ?Day
    {
        return match (true) {
            $this->rule !== null => Recurrence::tryOf($this->rule, $startsOn)?->nextFrom($day->isBefore($startsOn) ? $startsOn : $day),
            $this->every !== null => $day->isBefore($startsOn) ? $startsOn : $day,
            default => null,
        };
    }

    /** The next time after one of them was done. */
    public function nextAfter(Day $occurrence, Day $doneOn, Day $startsOn): ?Day
    {
        $later = $occurrence->isAfter($doneOn) ? $occurrence : $doneOn;

        return match (true) {
            $this->rule !== null => $this->firstFrom($later->plus(1), $startsOn),
            $this->every !== null => $this->after($doneOn),
            default => null,
        };
    }

    /**
     * The times that have come since an open one, up to today: the last of them takes its place.
     *
     * @return list<Day>
     */
    public function cameSince(Day $occurrence, Day $today, Day $startsOn): array
    {
        return $occurrence->isBefore($today) ? $this->within(new Span($occurrence->plus(1), $today), $startsOn) : [];
    }

    /** @return list<Day> those in a span */
    public function within(Span $span, Day $startsOn): array
    {
        return $this->rule === null ? [] : Recurrence::tryOf($this->rule, $startsOn)?->within($span) ?? [];
    }

    private function after(Day $day): Day
    {
        $every = $this->every ?? 0;

        return match ($this->unit) {
            'day' => $day->plus($every),
            'week' => $day->plus(7 * $every),
            'month' => self::months($day, $every),
            'year' => self::months($day, 12 * $every),
            default => throw new InvalidArgumentException('Enter a number of days, weeks, months or years.'),
        };
    }

    /** The same day of a later month, or its last where it has none. */
    private static function months(Day $day, int $months): Day
    {
        [$year, $month, $of] = $day->parts();
        $count = $month - 1 + $months;
        $year += intdiv($count, 12);
        $month = ($count % 12) + 1;
        $last = Day::of(sprintf('%04d-%02d-01', $year + intdiv($month, 12), ($month % 12) + 1))->plus(-1);

        return Day::of(sprintf('%04d-%02d-%02d', $year, $month, min($of, $last->parts()[2])));
    }
}
