<?php

declare(strict_types=1);

namespace Loftrin\Core\Calendar;

/** Reads on which dates something comes back, as RFC 5545 rules: days of the month, places in longer periods, days of the year. */
final readonly class RhythmDates
{
    /** @param int $yearStartsIn the month, 1 to 12, from which quarters are counted */
    public function __construct(private int $yearStartsIn)
    {
    }

    /** The rule; null of words that name no dates. */
    public function read(string $said): ?string
    {
        return $this->monthDay($said) ?? ($this->placed($said) ?? ($this->placedInMonth($said) ?? $this->yearly($said)));
    }

    /** "every 15th", "every month on the 31st", "the 15th of the month": a number that a month lacks means its last day. */
    private function monthDay(string $said): ?string
    {
        $number = '(\d{1,2})(?:st|nd|rd|th)?';

        if (preg_match("/^every $number(?: and |, )$number$/", $said, $both) === 1) {
            return $this->monthDays((int) $both[1], (int) $both[2]);
        }

        $pattern = "/^(?:every|on the|the|every month on the) $number(?: of (?:the|every) month)?$/";
        $day = preg_match($pattern, $said, $found) === 1 ? (int) $found[1] : 0;

        return match (true) {
            $day < 1 || $day > 31 => null,
            $day === 31 => 'FREQ=MONTHLY;BYMONTHDAY=-1',
            $day > 28 => 'FREQ=MONTHLY;BYMONTHDAY='.implode(',', range(28, $day)).';BYSETPOS=-1',
            default => "FREQ=MONTHLY;BYMONTHDAY=$day",
        };
    }

    /** "every 1st and 15th": the 31st means the last day; of the days that some months lack no other is told apart from it. */
    private function monthDays(int $one, int $other): ?string
    {
        $days = array_map(static fn(int $day): int => $day === 31 ? -1 : $day, [$one, $other]);

        return min($one, $other) < 1 || max($days) > 28 || $one === $other ? null : 'FREQ=MONTHLY;BYMONTHDAY='.implode(',', $days);
    }

    /** "first Monday of the quarter", "last working day of the month", "the last day of every month". */
    private function placed(string $said): ?string
    {
        $pattern = '/^(?:every |the |on the )?(\S+) (working day|workday|\S+) of (?:the|every|each) (month|quarter|year)$/';

        if (preg_match('/^(\S+) and (\S+) (\S+) of the month$/', $said, $two) === 1) {
            $places = [RhythmTerms::place($two[1]), RhythmTerms::place($two[2])];
            $weekday = RhythmTerms::weekday($two[3]);

            return $weekday === null || in_array(null, $places, true) ? null : "FREQ=MONTHLY;BYDAY=$places[0]$weekday,$places[1]$weekday";
        }

        if (preg_match($pattern, $said, $found) !== 1) {
            return null;
        }

        $place = RhythmTerms::place($found[1]);
        $weekday = RhythmTerms::weekday($found[2]);
        $day = match (true) {
            $place === null || $place > 5 => null,
            $weekday !== null => "BYDAY=$place$weekday",
            in_array($found[2], ['working day', 'workday'], true) => 'BYDAY='.RhythmReader::WORKING.";BYSETPOS=$place",
            $found[2] === 'day' => "BYMONTHDAY=$place",
            default => null,
        };
        // Of a quarter or year what is first lies in its first month, and what is last in its last.
        $months = match ($found[3]) {
            'month' => [],
            'quarter' => [0, 3, 6, 9],
            default => [0],
        };
        $shift = $place !== null && $place < 0 ? ($found[3] === 'quarter' ? 2 : 11) : 0;

        return match (true) {
            $day === null => null,
            $months === [] => "FREQ=MONTHLY;$day",
            default => 'FREQ=YEARLY;BYMONTH='.$this->months(array_map(static fn(int $month): int => $month + $shift, $months)).";$day",
        };
    }

    /** "first Monday in September", "the last Friday of May" */
    private function placedInMonth(string $said): ?string
    {
        if (preg_match('/^(?:every |the |on the )?(\S+) (\S+) (?:in|of) ([a-z]+)$/', $said, $found) !== 1) {
            return null;
        }

        $place = RhythmTerms::place($found[1]);
        $weekday = RhythmTerms::weekday($found[2]);
        $month = array_search($found[3], RhythmTerms::MONTHS, true);

        return $place === null || $place > 5 || $weekday === null || $month === false
            ? null
            : 'FREQ=YEARLY;BYMONTH='.($month + 1).";BYDAY=$place$weekday";
    }

    /** "every 3 March", "every year on 24 December", "every November" or "in November" on its first day. */
    private function yearly(string $said): ?string
    {
        if (preg_match('/^(?:every ([a-z]+)(?: and ([a-z]+))?|in ([a-z]+))$/', $said, $named) === 1) {
            $months = array_map(
                static fn(string $name): int => (int) array_search($name, ['', ...RhythmTerms::MONTHS], true),
                array_filter(array_slice($named, 1), static fn(string $name): bool => $name !== ''),
            );
            sort($months);

            return in_array(0, $months, true) ? null : 'FREQ=YEARLY;BYMONTH='.implode(',', array_unique($months)).';BYMONTHDAY=1';
        }

        if (preg_match('/^every (?:year on (?:the )?)?(\d{1,2})(?:st|nd|rd|th)? (?:of )?([a-z]+)$/', $said, $found) !== 1) {
            return null;
        }

        $month = array_search($found[2], RhythmTerms::MONTHS, true);
        $day = (int) $found[1];

        return match (true) {
            $month === false, $day < 1, $day > 31 => null,
            // A day that the month lacks, or has only in leap years, means its last.
            $month === 1 && $day > 28 => 'FREQ=YEARLY;BYMONTH=2;BYMONTHDAY=28,29;BYSETPOS=-1',
            $day === 31 && in_array($month, [3, 5, 8, 10], true) => 'FREQ=YEARLY;BYMONTH='.($month + 1).';BYMONTHDAY=-1',
            default => 'FREQ=YEARLY;BYMONTH='.($month + 1).";BYMONTHDAY=$day",
        };
    }

    /** @param list<int> $places of months in the year, from 0 */
    private function months(array $places): string
    {
        $months = array_map(fn(int $place): int => (($this->yearStartsIn - 1 + $place) % 12) + 1, $places);
        sort($months);

        return implode(',', $months);
    }
}
