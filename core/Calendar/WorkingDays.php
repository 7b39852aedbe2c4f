<?php

declare(strict_types=1);

namespace Loftrin\Core\Calendar;

/** Which days are worked, and how many of them lie before a day: without walking through them. */
final readonly class WorkingDays
{
    /** A multiple of seven days that lies beyond the first day there is, so that counts stay above 0. */
    private const SHIFT = 7 * 200000;

    /** The weekday of day number 0, 1970-01-01, counted from Monday. */
    private const FIRST = 3;

    /** @var array<int, true> weekdays worked, by number */
    private array $weekdays;

    /** @var list<int> numbers of the holidays that fall on worked weekdays, ascending */
    private array $holidays;

    /**
     * @param list<Weekday> $weekdays
     * @param list<Day> $holidays
     */
    public function __construct(array $weekdays, array $holidays)
    {
        $this->weekdays = array_fill_keys(array_map(static fn(Weekday $day): int => $day->value, $weekdays), true);
        $taken = [];

        foreach ($holidays as $day) {
            if (isset($this->weekdays[$day->weekday()->value])) {
                $taken[$day->number] = $day->number;
            }
        }

        sort($taken);
        $this->holidays = $taken;
    }

    public function holds(Day $day): bool
    {
        return isset($this->weekdays[$day->weekday()->value]) && ! in_array($day->number, $this->holidays, true);
    }

    /** Working days from a fixed origin up to the day of that number, which is not counted. */
    public function before(int $number): int
    {
        $days = $number + self::FIRST + self::SHIFT;
        $worked = intdiv($days, 7) * count($this->weekdays);

        for ($weekday = 0; $weekday < $days % 7; $weekday++) {
            $worked += isset($this->weekdays[$weekday]) ? 1 : 0;
        }

        return $worked - $this->holidaysBefore($number);
    }

    private function holidaysBefore(int $number): int
    {
        $low = 0;
        $high = count($this->holidays);

        while ($low < $high) {
            $middle = intdiv($low + $high, 2);
            [$low, $high] = $this->holidays[$middle] < $number ? [$middle + 1, $high] : [$low, $middle];
        }

        return $low;
    }
}
