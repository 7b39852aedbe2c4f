<?php

declare(strict_types=1);

namespace Loftrin\Core\Goals;

use InvalidArgumentException;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Fraction;

/** Readings out of a pasted column: a value on each line, with its day before it or without one, beneath a heading or none. */
final class PastedReadings
{
    /** More lines than this are no column of one goal. */
    private const MOST = 400;

    /** So many lines that cannot be read are named. */
    private const NAMED = 5;

    private const DATE =
        '(?:\p{L}+,? )?(?:\d{4}[-\/.]\d{1,2}[-\/.]\d{1,2}|\d{1,2}[.\/-]\d{1,2}[.\/-]\d{2,4}'.
        '|\d{1,2}(?:st|nd|rd|th)?[ -]\p{L}{3,9}[ -]\d{2,4}'.
        '|\p{L}{3,9} \d{1,2}(?:st|nd|rd|th)?,? \d{4})(?:[T ]\d{1,2}:\d{2}(?::\d{2})?(?:\.\d+)?Z?)?';

    /**
     * @param Day $last the day of the last line, for lines without days; those above it lie a week apart
     * @param ?DateOrder $order of dates like "3/4/2027"; null to find out from the column
     *
     * @return non-empty-list<Reading>
     *
     * @throws UnclearDates when the order of the dates has to be said
     * @throws InvalidArgumentException naming all lines that cannot be read
     */
    public static function in(string $text, Day $last, ?DateOrder $order = null): array
    {
        $lines = self::lines($text);
        $dates = PastedDates::of(array_values(array_filter(array_column($lines, 0), is_string(...))), $order);
        $numbers = PastedNumbers::of(array_column($lines, 1));
        $readings = [];
        $faults = [];

        foreach ($lines as $place => [$day, $value, $number]) {
            $on = $day === null ? $last->plus(7 * ($place + 1 - count($lines))) : $dates->day($day);
            $read = $numbers->value($value);

            if ($on === null || $read === null) {
                $faults[$number] = mb_substr($day === null ? $value : "$day $value", 0, 40);
            } else {
                $readings[] = new Reading($on, Fraction::parse($read));
            }
        }

        if ($faults !== [] || $readings === []) {
            throw new InvalidArgumentException(self::told($faults));
        }

        return $readings;
    }

    /**
     * @return non-empty-list<array{?string, string, int}> the day as written, the value as written, and the number of the line
     *
     * @throws InvalidArgumentException when there is none, or too many
     */
    private static function lines(string $text): array
    {
        $lines = [];

        foreach (explode("\n", str_replace(["\r\n", "\r"], "\n", $text)) as $place => $line) {
            $line = trim(str_replace(['"', "\u{feff}"], '', $line));

            // A first line without any figure is a heading.
            if ($line !== '' && ($lines !== [] || preg_match('/\d/', $line) === 1)) {
                $lines[] = [...self::parts($line), $place + 1];
            }
        }

        return match (true) {
            $lines === [] => throw new InvalidArgumentException('enter at least one value'),
            count($lines) > self::MOST => throw new InvalidArgumentException('more than '.self::MOST.' lines are too many'),
            default => $lines,
        };
    }

    /** @return array{?string, string} the day and the value, as written */
    private static function parts(string $line): array
    {
        return match (true) {
            preg_match('/^(.*\S)\s*(?:\t|;|\s{2,})\s*(\S.*)$/u', $line, $columns) === 1,
            preg_match('~^('.self::DATE.')(?:[,:;]\s*|\s+)(\S.*)$~u', $line, $columns) === 1
                => [$columns[1], $columns[2]],
            default => [null, $line],
        };
    }

    /** @param array<int, string> $faults by the number of the line */
    private static function told(array $faults): string
    {
        $named = array_map(
            static fn(int $number, string $line): string => "line $number “{$line}”",
            array_keys(array_slice($faults, 0, self::NAMED, true)),
            array_slice($faults, 0, self::NAMED),
        );
        $more = count($faults) - self::NAMED;

        return 'not a day and a value: '.implode(', ', $named).($more > 0 ? " and $more more" : '');
    }
}
