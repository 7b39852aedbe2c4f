<?php

declare(strict_types=1);

namespace Loftrin\Core\Capture;

use Loftrin\Core\Calendar\Day;

/** Reads a date that is written out. Without a year it is the next one; what no calendar has is not read. */
final readonly class WrittenDate
{
    public const WEEKDAYS = 'mon(?:day)?|tue(?:s|sday)?|wed(?:nesday)?|thu(?:rs?|rsday)?|fri(?:day)?|sat(?:urday)?|sun(?:day)?';

    public const MONTHS =
        'jan(?:uary)?|feb(?:ruary)?|mar(?:ch)?|apr(?:il)?|may|june?|july?|aug(?:ust)?|sept?(?:ember)?|oct(?:ober)?'.
        '|nov(?:ember)?|dec(?:ember)?';

    public const ORDINAL = '\d{1,2}(?:st|nd|rd|th)';

    /** @param bool $monthFirst whether 3/4 is 4 March; "3.4." is 3 April in any case */
    public function __construct(private Day $today, private bool $monthFirst = false)
    {
    }

    /** "9 Feb", "Tue 9 Feb 2027", "February 9", "the 9th", "9.2.", "9.2.27", "9/2", "2027-02-09". */
    public function read(string $said): ?Day
    {
        [$days, $months] = [self::WEEKDAYS, self::MONTHS];

        return match (true) {
            preg_match('/^\d{4}-\d{2}-\d{2}$/', $said) === 1 => Day::tryOf($said),
            preg_match("/^(?:(?:$days),? )?(?:the )?(\d{1,2})(?:st|nd|rd|th)? (?:of )?($months)(?:,? (\d{4}))?$/", $said, $found) === 1
                => $this->dated((int) $found[1], self::month($found[2]), $found[3] ?? null),
            preg_match("/^($months) (\d{1,2})(?:st|nd|rd|th)?(?:,? (\d{4}))?$/", $said, $found) === 1 => $this->dated(
                (int) $found[2],
                self::month($found[1]),
                $found[3] ?? null,
            ),
            preg_match('/^(\d{1,2})(\. ?|\/)(\d{1,2})[.\/]?(?: ?(\d{4}|\d{2}))?$/', $said, $found) === 1 => $this->numbered(
                (int) $found[1],
                (int) $found[3],
                $found[4] ?? null,
                $this->monthFirst && $found[2] === '/',
            ),
            preg_match('/^(\d{1,2})(?:st|nd|rd|th)$/', $said, $found) === 1 => $this->dayOfMonth((int) $found[1]),
            default => null,
        };
    }

    private function numbered(int $first, int $second, ?string $year, bool $monthFirst): ?Day
    {
        return $monthFirst ? $this->dated($second, $first, $year) : $this->dated($first, $second, $year);
    }

    /** That day of the year, or the next time there is one. */
    private function dated(int $day, int $month, ?string $year): ?Day
    {
        $of = static fn(int $year): ?Day => Day::tryOf(sprintf('%04d-%02d-%02d', $year, $month, $day));

        if ($year !== null) {
            return $of((int) (strlen($year) === 2 ? "20$year" : $year));
        }

        // A leap day is at most eight years off.
        for ($ahead = 0; $ahead <= 8; $ahead++) {
            $found = $of($this->today->year() + $ahead);

            if ($found !== null && ! $found->isBefore($this->today)) {
                return $found;
            }
        }

        return null;
    }

    /** The next day of that number. */
    private function dayOfMonth(int $day): ?Day
    {
        [$year, $month] = $this->today->parts();

        for ($ahead = 0; $ahead <= 2; $ahead++) {
            $months = $month - 1 + $ahead;
            $found = Day::tryOf(sprintf('%04d-%02d-%02d', $year + intdiv($months, 12), ($months % 12) + 1, $day));

            if ($found !== null && ! $found->isBefore($this->today)) {
                return $found;
            }
        }

        return null;
    }

    /** The number, 1 to 12, of a month's name or its beginning. */
    public static function month(string $month): int
    {
        $names = ['jan', 'feb', 'mar', 'apr', 'may', 'jun', 'jul', 'aug', 'sep', 'oct', 'nov', 'dec'];

        return (int) array_search(substr($month, 0, 3), $names, true) + 1;
    }
}
