<?php

declare(strict_types=1);

namespace Loftrin\Core\Goals;

use Loftrin\Core\Calendar\Day;

/**
 * Dates of a pasted column: 2027-02-01, 1.2.2027, 1 Feb 2027, Feb 1, 2027, 1-Feb-27, and 1/2/2027, whose order is that of the whole
 * column. A time of day behind it is read over.
 */
final readonly class PastedDates
{
    private const MONTHS = ['jan', 'feb', 'mar', 'apr', 'may', 'jun', 'jul', 'aug', 'sep', 'oct', 'nov', 'dec'];

    private const SLASHED = '~^(\d{1,2})[/-](\d{1,2})[/-](\d{4}|\d{2})$~';

    private function __construct(private DateOrder $order)
    {
    }

    /**
     * @param list<string> $texts all of the column
     * @param ?DateOrder $order null to find out from the column
     *
     * @throws UnclearDates when both orders are possible and mean other days
     */
    public static function of(array $texts, ?DateOrder $order): self
    {
        $unclear = null;

        foreach ($texts as $text) {
            if (preg_match(self::SLASHED, self::bare($text), $parts) === 1) {
                [$first, $second] = [(int) $parts[1], (int) $parts[2]];
                $order ??= match (true) {
                    $first > 12 => DateOrder::DayFirst,
                    $second > 12 => DateOrder::MonthFirst,
                    default => null,
                };
                $unclear ??= $first === $second ? null : $text;
            }
        }

        if ($order === null && $unclear !== null) {
            throw new UnclearDates("does “{$unclear}” begin with the day or with the month?");
        }

        return new self($order ?? DateOrder::DayFirst);
    }

    /** The day that a text says; null of what is none. */
    public function day(string $text): ?Day
    {
        $text = self::bare($text);

        return match (true) {
            preg_match('/^(\d{4})[-\/.](\d{1,2})[-\/.](\d{1,2})$/', $text, $parts) === 1 => self::date(
                $parts[1],
                (int) $parts[2],
                $parts[3],
            ),
            preg_match('/^(\d{1,2})\.(\d{1,2})\.(\d{4}|\d{2})$/', $text, $parts) === 1 => self::date($parts[3], (int) $parts[2], $parts[1]),
            preg_match(self::SLASHED, $text, $parts) === 1 => $this->order === DateOrder::DayFirst
                ? self::date($parts[3], (int) $parts[2], $parts[1])
                : self::date($parts[3], (int) $parts[1], $parts[2]),
            preg_match('/^(\d{1,2})(?:st|nd|rd|th)?[ -](\p{L}{3})\p{L}*[ -](\d{4}|\d{2})$/u', $text, $parts) === 1 => self::date(
                $parts[3],
                self::month($parts[2]),
                $parts[1],
            ),
            preg_match('/^(\p{L}{3})\p{L}* (\d{1,2})(?:st|nd|rd|th)?,? (\d{4})$/u', $text, $parts) === 1 => self::date(
                $parts[3],
                self::month($parts[1]),
                $parts[2],
            ),
            default => null,
        };
    }

    /** Without the name of the weekday before it and the time of day behind it. */
    private static function bare(string $text): string
    {
        return (string) preg_replace(
            ['/^(?:mon|tue|wed|thu|fri|sat|sun)\p{L}*,? /iu', '/[T ]\d{1,2}:\d{2}(?::\d{2})?(?:\.\d+)?Z?$/'],
            '',
            trim($text),
        );
    }

    private static function month(string $name): int
    {
        $place = array_search(mb_strtolower($name), self::MONTHS, true);

        return $place === false ? 0 : $place + 1;
    }

    private static function date(string $year, int $month, string $day): ?Day
    {
        $full = strlen($year) === 2 ? 2000 + (int) $year : (int) $year;

        return $month < 1 || $month > 12 ? null : Day::tryOf(sprintf('%04d-%02d-%02d', $full, $month, (int) $day));
    }
}
