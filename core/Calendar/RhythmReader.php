<?php

declare(strict_types=1);

namespace Loftrin\Core\Calendar;

use InvalidArgumentException;

/** Reads a rhythm in plain words: "every second Thursday", "every 31st", "three weeks after it is done". Rules: computation 12. */
final readonly class RhythmReader
{
    private const EXAMPLES =
        'Write for example “every second Thursday”, “every 31st”, “first Monday of the quarter”, '.
        '“three weeks after it is done” or “when needed”';

    private const DAYS = [
        'monday' => 'MO',
        'tuesday' => 'TU',
        'wednesday' => 'WE',
        'thursday' => 'TH',
        'friday' => 'FR',
        'saturday' => 'SA',
        'sunday' => 'SU',
    ];

    private const WORKING = 'MO,TU,WE,TH,FR';

    /** Numbers as words, as far as people write them so. */
    public const NUMBERS = [
        'one' => 1,
        'a' => 1,
        'an' => 1,
        'other' => 2,
        'two' => 2,
        'three' => 3,
        'four' => 4,
        'five' => 5,
        'six' => 6,
        'seven' => 7,
        'eight' => 8,
        'nine' => 9,
        'ten' => 10,
        'eleven' => 11,
        'twelve' => 12,
    ];

    private const ORDINALS = [
        'first' => 1,
        'second' => 2,
        'third' => 3,
        'fourth' => 4,
        'fifth' => 5,
        'sixth' => 6,
        'eighth' => 8,
        'tenth' => 10,
        'twelfth' => 12,
        'last' => -1,
    ];

    private const MONTHS = [
        'january',
        'february',
        'march',
        'april',
        'may',
        'june',
        'july',
        'august',
        'september',
        'october',
        'november',
        'december',
    ];

    /** @param int $yearStartsIn the month, 1 to 12, from which quarters are counted */
    public function __construct(private int $yearStartsIn = 1)
    {
    }

    /** @throws InvalidArgumentException when the words say no rhythm, with examples of some that do */
    public function read(string $words): Rhythm
    {
        $kept = trim((string) preg_replace('/\s+/u', ' ', $words));
        $said = mb_strtolower(rtrim($kept, '.'));

        if ($said === '' || $said === 'when needed' || $said === 'as needed') {
            return new Rhythm('when needed');
        }

        if (preg_match('/^(\S+) (day|week|month|year)s? after (?:it is|it was|being|last) done$/', $said, $found) === 1) {
            $every = $this->number($found[1]);

            return $every === null ? throw new InvalidArgumentException(self::EXAMPLES) : new Rhythm($kept, every: $every, unit: $found[2]);
        }

        $rule =
            $this->counted($said) ?? ($this->weekdays($said) ?? ($this->monthDay($said) ?? ($this->placed($said) ?? $this->yearly($said))));

        return $rule === null ? throw new InvalidArgumentException(self::EXAMPLES) : new Rhythm($kept, $rule);
    }

    /** "every day", "every three weeks", "every working day", "every quarter". */
    private function counted(string $said): ?string
    {
        $said = (string) preg_replace(['/^daily$/', '/^(week|month|quarter|year)ly$/'], ['every day', 'every $1'], $said);

        if (preg_match('/^every (?:weekday|working day|workday)$/', $said) === 1) {
            return 'FREQ=WEEKLY;BYDAY='.self::WORKING;
        }

        if (preg_match('/^every (?:(\S+) )?(day|week|month|quarter|year)s?$/', $said, $found) !== 1) {
            return null;
        }

        $every = $found[1] === '' ? 1 : $this->number($found[1]);

        return $every === null
            ? null
            : match ($found[2]) {
                'day' => self::freq('DAILY', $every),
                'week' => self::freq('WEEKLY', $every),
                'month' => self::freq('MONTHLY', $every),
                'quarter' => self::freq('MONTHLY', 3 * $every),
                default => self::freq('YEARLY', $every),
            };
    }

    /** "every Thursday", "every second Thursday", "every Monday, Wednesday and Friday", "every two weeks on Monday". */
    private function weekdays(string $said): ?string
    {
        if (preg_match('/^every (?:(\S+) weeks? on |week on )?(.+)$/', $said, $found) !== 1) {
            return null;
        }

        $every = $found[1] === '' ? 1 : $this->number($found[1]);
        $list = $found[2];

        if (
            preg_match('/^(\S+) (\S+)$/', $list, $parts) === 1 &&
            $found[1] === '' &&
            $this->number($parts[1]) !== null &&
            $this->weekday($parts[2]) !== null
        ) {
            [$every, $list] = [$this->number($parts[1]), $parts[2]];
        }

        $days = array_map($this->weekday(...), explode(',', (string) preg_replace('/,? and |, ?/', ',', $list)));

        return $every === null || in_array(null, $days, true) ? null : self::freq('WEEKLY', $every).';BYDAY='.implode(',', $days);
    }

    /** "every 15th", "every month on the 31st", "the 15th of the month": a number that a month lacks means its last day. */
    private function monthDay(string $said): ?string
    {
        $pattern = '/^(?:every|each|on the|the|every month on the) (\d{1,2})(?:st|nd|rd|th)?(?: of (?:the|every|each) month)?$/';
        $day = preg_match($pattern, $said, $found) === 1 ? (int) $found[1] : 0;

        return match (true) {
            $day < 1 || $day > 31 => null,
            $day === 31 => 'FREQ=MONTHLY;BYMONTHDAY=-1',
            $day > 28 => 'FREQ=MONTHLY;BYMONTHDAY='.implode(',', range(28, $day)).';BYSETPOS=-1',
            default => "FREQ=MONTHLY;BYMONTHDAY=$day",
        };
    }

    /** "first Monday of the quarter", "last working day of the month", "the last day of every month". */
    private function placed(string $said): ?string
    {
        $pattern = '/^(?:every |the |on the )?(\S+) (working day|workday|\S+) of (?:the|every|each) (month|quarter|year)$/';

        if (preg_match($pattern, $said, $found) !== 1) {
            return null;
        }

        $place =
            self::ORDINALS[$found[1]] ?? (preg_match('/^([1-5])(?:st|nd|rd|th)$/', $found[1], $number) === 1 ? (int) $number[1] : null);
        $weekday = $this->weekday($found[2]);
        $day = match (true) {
            $place === null || $place > 5 => null,
            $weekday !== null => "BYDAY=$place$weekday",
            in_array($found[2], ['working day', 'workday'], true) => 'BYDAY='.self::WORKING.";BYSETPOS=$place",
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

    /** "every 3 March", "every year on 24 December". */
    private function yearly(string $said): ?string
    {
        if (preg_match('/^every (?:year on (?:the )?)?(\d{1,2})(?:st|nd|rd|th)? (?:of )?([a-z]+)$/', $said, $found) !== 1) {
            return null;
        }

        $month = array_search($found[2], self::MONTHS, true);
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

    private function number(string $word): ?int
    {
        $number =
            self::NUMBERS[$word] ??
            (self::ORDINALS[$word] ?? (preg_match('/^(\d{1,3})(?:st|nd|rd|th)?$/', $word, $found) === 1 ? (int) $found[1] : 0));

        return $number > 0 ? $number : null;
    }

    private function weekday(string $word): ?string
    {
        if (preg_match('/^(?:mon|tues?|wed|thu(?:rs?)?|fri|sat|sun)$/', $word) === 1) {
            return strtoupper(substr($word, 0, 2));
        }

        return self::DAYS[$word] ?? (self::DAYS[rtrim($word, 's')] ?? null);
    }

    private static function freq(string $freq, int $every): string
    {
        return $every === 1 ? "FREQ=$freq" : "FREQ=$freq;INTERVAL=$every";
    }
}
