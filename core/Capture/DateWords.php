<?php

declare(strict_types=1);

namespace Loftrin\Core\Capture;

use Loftrin\Core\Calendar\Calendar;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Calendar\Period;
use Loftrin\Core\Calendar\RhythmTerms;

/**
 * Reads a date or a period in plain words, as of a day: "next Friday", "in two weeks", "9 Feb", "end of the month", "Q3". Day
 * and month stand in the British order. A date without a year is the next one; what no calendar has is not read.
 */
final readonly class DateWords
{
    public const UNITS = 'day|week|month|quarter|year|working day|fortnight';

    private const PART = ' (?:morning|afternoon|evening|night)';

    public const COUNT = '\d{1,3}|an?|one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve';

    public function __construct(private Calendar $calendar, private Day $today, private bool $monthFirst = false)
    {
    }

    /** What can only be a date, wherever it stands: without groups, for a longer pattern. */
    public static function clear(): string
    {
        [$days, $months, $units, $count] = [WrittenDate::WEEKDAYS, WrittenDate::MONTHS, self::UNITS, self::COUNT];
        $part = self::PART;

        return implode('|', [
            '(?:the )?day after tomorrow',
            "(?:today|tomorrow|tmrw|tmr)(?:$part)?|tonight|this(?:$part)",
            "(?:$days) week(?![\w-])",
            "(?:this|next|coming) (?:$days)(?:$part)?",
            "(?:$days)$part",
            '(?:this|next) weekend',
            "in (?:$count) (?:$units)s?",
            "(?:$count) (?:$units)s? from (?:now|today)",
            '(?:the )?week after next',
            '(?:this|next) (?:week|month|quarter|year)',
            '(?:the )?end of (?:the |this |next )?(?:week|month|quarter|year)',
            "(?:the )?end of (?:$months)",
            "(?:(?:$days),? )?(?:the )?(?<![\d–-])\d{1,2}(?:st|nd|rd|th)? (?:of )?(?:$months)(?:,? \d{4})?",
            // "we may 2 of us": the month has a capital letter, or nobody before it who may.
            "(?<!\bi )(?<!\bwe )(?<!\byou )(?<!\bthey )(?<!\bit )(?<!\bhe )(?<!\bshe )(?:$months) \d{1,2}(?:st|nd|rd|th)?(?:,? \d{4})?".
                '(?! ?(?:%|h|min|st|x)\b)',
            '\d{4}-\d{2}-\d{2}',
            '\d{1,2}\. ?\d{1,2}\.(?: ?\d{4}|\d{2}(?![\d.]))?',
            '\d{1,2}/\d{1,2}/(?:\d{4}|\d{2}(?![\d/]))',
        ]);
    }

    /** What is a date after "on", "by" and the like, or where a clause is nothing else. */
    public static function any(): string
    {
        return self::clear().
            '|'.
            implode('|', [
                '(?:'.WrittenDate::WEEKDAYS.')',
                '(?:the )?weekend',
                '(?:the )?'.WrittenDate::ORDINAL,
                '\d{1,2}/\d{1,2}',
                'week \d{1,2}',
                'q[1-4](?: \d{4})?',
            ]);
    }

    /** What is a period after "in" and "by" alone: a month's name is too often something else. */
    public static function month(): string
    {
        return '(?:'.WrittenDate::MONTHS.')(?: \d{4})?';
    }

    /** What the words say, or null if no calendar has it. */
    public function read(string $words): Day|Period|null
    {
        $said = trim((string) preg_replace(['/\s+/u', '/^the /', '/'.self::PART.'$/'], [' ', '', ''], mb_strtolower($words)));

        return match (true) {
            in_array($said, ['today', 'tonight', 'this', 'eod', 'cob', 'close of business', 'end of day', 'end of the day'], true)
                => $this->today,
            in_array($said, ['tomorrow', 'tmrw', 'tmr'], true) => $this->today->plus(1),
            $said === 'eow' => $this->read('end of the week'),
            $said === 'eom' => $this->read('end of the month'),
            $said === 'day after tomorrow' => $this->today->plus(2),
            default => $this->ofWeek($said) ??
                ($this->counted($said) ??
                    ($this->periods()->read($said) ?? (new WrittenDate($this->today, $this->monthFirst))->read($said))),
        };
    }

    private function periods(): WrittenPeriod
    {
        return new WrittenPeriod($this->calendar, $this->today, $this->lastWorkingDay(...));
    }

    /** "Friday", "this Friday", "next Friday", "Friday week", "the weekend". */
    private function ofWeek(string $said): ?Day
    {
        if (preg_match('/^(?:(this|next) )?weekend$/', $said, $found) === 1) {
            return $this->ofWeek(trim(($found[1] ?? '').' sat'));
        }

        if (preg_match('/^(?:(this|next|coming) )?('.WrittenDate::WEEKDAYS.')( week)?$/', $said, $found) !== 1) {
            return null;
        }

        $weekday = array_search(substr($found[2], 0, 3), ['mon', 'tue', 'wed', 'thu', 'fri', 'sat', 'sun'], true);
        $ahead = ((int) $weekday - $this->today->weekday()->value + 7) % 7;
        $next = $this->calendar->next($this->calendar->weekOf($this->today))->span;

        return match (true) {
            // In the week after this one, however near that is.
            $found[1] === 'next' => self::dayIn($next->first, (int) $weekday),
            isset($found[3]) => $this->today->plus($ahead + 7),
            default => $this->today->plus($ahead),
        };
    }

    private static function dayIn(Day $first, int $weekday): Day
    {
        return $first->plus(($weekday - $first->weekday()->value + 7) % 7);
    }

    /** "in two weeks", "3 days from now", "in a fortnight". */
    private function counted(string $said): ?Day
    {
        $count = self::COUNT;

        if (preg_match("/^(?:in )?($count) (".self::UNITS.')s?(?: from (?:now|today))?$/', $said, $found) !== 1) {
            return null;
        }

        $number = RhythmTerms::NUMBERS[$found[1]] ?? (int) $found[1];

        return match ($found[2]) {
            'day' => $this->today->plus($number),
            'week' => $this->today->plus(7 * $number),
            'fortnight' => $this->today->plus(14 * $number),
            'working day' => $this->workingDays($number),
            'month' => $this->months($number),
            'quarter' => $this->months(3 * $number),
            default => $this->months(12 * $number),
        };
    }

    private function workingDays(int $number): Day
    {
        $day = $this->today;

        for (; $number > 0; $number--) {
            $day = $this->calendar->workingDayFrom($day->plus(1));
        }

        return $day;
    }

    /** The same day of a later month, or its last where it has none. */
    private function months(int $number): Day
    {
        [$year, $month, $day] = $this->today->parts();
        $months = $month - 1 + $number;
        [$year, $month] = [$year + intdiv($months, 12), ($months % 12) + 1];

        for (; $day > 28 && Day::tryOf(sprintf('%04d-%02d-%02d', $year, $month, $day)) === null; $day--);

        return Day::ofParts($year, $month, $day);
    }

    /** The last working day up to one; that day itself in a calendar that has none. */
    public function lastWorkingDay(Day $last): Day
    {
        for ($day = $last; $day->number > $last->number - 7; $day = $day->plus(-1)) {
            if ($this->calendar->isWorkingDay($day)) {
                return $day;
            }
        }

        return $last;
    }
}
