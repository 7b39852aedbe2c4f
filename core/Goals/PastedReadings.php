<?php

declare(strict_types=1);

namespace Loftrin\Core\Goals;

use InvalidArgumentException;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Fraction;

/**
 * Readings out of a pasted column: a value on each line, with its day before it or without one. Units and
 * thousands separators are read over; of "," and "." the last one in a number is the decimal sign, and a
 * single comma before three digits separates thousands.
 */
final class PastedReadings
{
    /** More lines than this are no column of one goal. */
    private const MOST = 400;

    /** A value of more digits before its decimal sign is no measure. */
    private const DIGITS = 10;

    private const MONTHS = ['jan', 'feb', 'mar', 'apr', 'may', 'jun', 'jul', 'aug', 'sep', 'oct', 'nov', 'dec'];

    /**
     * @param Day $last the day of the last line, for lines without days; those above it lie a week apart
     *
     * @return non-empty-list<Reading>
     *
     * @throws InvalidArgumentException naming the line that cannot be read
     */
    public static function in(string $text, Day $last): array
    {
        $lines = array_values(
            array_filter(
                array_map(trim(...), explode("\n", str_replace("\r", "\n", $text))),
                static fn(string $line): bool => $line !== '',
            ),
        );

        if ($lines === [] || count($lines) > self::MOST) {
            throw new InvalidArgumentException(
                $lines === [] ? 'enter at least one value' : 'more than '.self::MOST.' lines are too many',
            );
        }

        $readings = [];

        foreach ($lines as $place => $line) {
            [$day, $value] = self::parts($line);
            $on = $day === null ? $last->plus(7 * ($place + 1 - count($lines))) : self::day($day);

            if ($on === null || $value === null) {
                throw new InvalidArgumentException(
                    sprintf('line %d is not a day and a value: “%s”', $place + 1, mb_substr($line, 0, 40)),
                );
            }

            $readings[] = new Reading($on, Fraction::parse($value));
        }

        return $readings;
    }

    /** @return array{?string, ?string} the day as written, and the value as a plain decimal */
    private static function parts(string $line): array
    {
        if (preg_match('/^(.*\S)\s*(?:\t|;|\s{2,})\s*(\S.*)$/u', $line, $columns) === 1) {
            return [$columns[1], self::value($columns[2])];
        }

        if (preg_match('/^(\d{4}-\d{2}-\d{2}|\d{1,2}\.\d{1,2}\.\d{4}|\d{1,2} \p{L}{3,9} \d{4})[,:]?\s+(.+)$/u', $line, $columns) === 1) {
            return [$columns[1], self::value($columns[2])];
        }

        return [null, self::value($line)];
    }

    private static function day(string $text): ?Day
    {
        if (preg_match('/^(\d{1,2})\.(\d{1,2})\.(\d{4})$/', $text, $parts) === 1) {
            return Day::tryOf(sprintf('%04d-%02d-%02d', (int) $parts[3], (int) $parts[2], (int) $parts[1]));
        }

        if (preg_match('/^(\d{1,2}) (\p{L}{3})\p{L}* (\d{4})$/u', $text, $parts) === 1) {
            $month = array_search(mb_strtolower($parts[2]), self::MONTHS, true);

            return $month === false ? null : Day::tryOf(sprintf('%04d-%02d-%02d', (int) $parts[3], $month + 1, (int) $parts[1]));
        }

        return Day::tryOf($text);
    }

    private static function value(string $text): ?string
    {
        if (preg_match('/^[^\d\-−]{0,8}([-−]?\d[\d.,  \']*)[^\d]{0,12}$/u', trim($text), $found) !== 1) {
            return null;
        }

        $plain = str_replace(['−', ' ', ' ', "'"], ['-', '', '', ''], rtrim($found[1], '., '));
        $sign = max((int) strrpos($plain, ','), (int) strrpos($plain, '.'));
        $isThousands =
            $sign > 0 &&
            (substr_count($plain, $plain[$sign]) > 1 ||
                ($plain[$sign] === ',' && ! str_contains($plain, '.') && strlen($plain) - $sign === 4));
        $whole = $sign === 0 || $isThousands ? $plain : substr($plain, 0, $sign);
        $rest = $sign === 0 || $isThousands ? '' : substr($plain, $sign + 1);

        $digits = str_replace([',', '.'], '', $whole);

        return strlen($digits) > self::DIGITS ? null : $digits.($rest === '' ? '' : ".$rest");
    }
}
