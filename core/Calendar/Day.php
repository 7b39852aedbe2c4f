<?php

declare(strict_types=1);

namespace Loftrin\Core\Calendar;

use InvalidArgumentException;
use JsonSerializable;
use Stringable;

/**
 * A calendar date of the proleptic Gregorian calendar, with no time and no zone.
 *
 * Kept as a count of days from 1970-01-01, so that the span between two days is a subtraction.
 */
final readonly class Day implements JsonSerializable, Stringable
{
    private const MIN = -719162; // 0001-01-01

    private const MAX = 2932896; // 9999-12-31

    private function __construct(public int $number)
    {
    }

    /**
     * @param string $date as YYYY-MM-DD
     *
     * @throws InvalidArgumentException when there is no such date
     */
    public static function of(string $date): self
    {
        return self::tryOf($date) ?? throw new InvalidArgumentException("$date is not a date: write it as YYYY-MM-DD.");
    }

    /** The day of a date written YYYY-MM-DD, or null when there is no such date. */
    public static function tryOf(string $date): ?self
    {
        if (preg_match('/^(\d{4})-(\d{2})-(\d{2})$/D', $date, $part) !== 1) {
            return null;
        }

        [$year, $month, $day] = [(int) $part[1], (int) $part[2], (int) $part[3]];

        return checkdate($month, $day, $year) ? self::ofParts($year, $month, $day) : null;
    }

    /** The day of an existing year, month and day of the month. */
    public static function ofParts(int $year, int $month, int $day): self
    {
        // Counted from March, a leap day is the last of its year and a month's offset is a line.
        $y = $month <= 2 ? $year - 1 : $year;
        $era = intdiv($y, 400);
        $yearOfEra = $y - $era * 400;
        $dayOfYear = intdiv(153 * ($month + ($month > 2 ? -3 : 9)) + 2, 5) + $day - 1;
        $dayOfEra = $yearOfEra * 365 + intdiv($yearOfEra, 4) - intdiv($yearOfEra, 100) + $dayOfYear;

        return self::ofNumber($era * 146097 + $dayOfEra - 719468);
    }

    /** @throws InvalidArgumentException outside the years 0001 to 9999 */
    public static function ofNumber(int $number): self
    {
        if ($number < self::MIN || $number > self::MAX) {
            throw new InvalidArgumentException('Dates are kept for the years 0001 to 9999.');
        }

        return new self($number);
    }

    public function plus(int $days): self
    {
        return self::ofNumber($this->number + $days);
    }

    public function isBefore(self $other): bool
    {
        return $this->number < $other->number;
    }

    public function isAfter(self $other): bool
    {
        return $this->number > $other->number;
    }

    public function weekday(): Weekday
    {
        return Weekday::from(($this->number + 3 + 7 * 200000) % 7);
    }

    public function year(): int
    {
        return $this->parts()[0];
    }

    public function month(): int
    {
        return $this->parts()[1];
    }

    /** @return array{int, int, int} year, month, day of the month */
    public function parts(): array
    {
        $z = $this->number + 719468;
        $era = intdiv($z >= 0 ? $z : $z - 146096, 146097);
        $dayOfEra = $z - $era * 146097;
        $yearOfEra = intdiv($dayOfEra - intdiv($dayOfEra, 1460) + intdiv($dayOfEra, 36524) - intdiv($dayOfEra, 146096), 365);
        $dayOfYear = $dayOfEra - (365 * $yearOfEra + intdiv($yearOfEra, 4) - intdiv($yearOfEra, 100));
        $shifted = intdiv(5 * $dayOfYear + 2, 153);
        $month = $shifted < 10 ? $shifted + 3 : $shifted - 9;

        return [$yearOfEra + $era * 400 + ($month <= 2 ? 1 : 0), $month, $dayOfYear - intdiv(153 * $shifted + 2, 5) + 1];
    }

    /** "9 Feb", or what else is asked for, with the year where it is another one than that of the day it is read on. */
    public function words(self $readOn, string $as = 'j M'): string
    {
        return $this->format($this->year() === $readOn->year() ? $as : "$as Y");
    }

    /** As PHP's `date` writes it: "j M" is "9 Feb". */
    public function format(string $as): string
    {
        return gmdate($as, $this->number * 86_400);
    }

    public function __toString(): string
    {
        return sprintf('%04d-%02d-%02d', ...$this->parts());
    }

    public function jsonSerialize(): string
    {
        return (string) $this;
    }
}
