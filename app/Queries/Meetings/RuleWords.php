<?php

declare(strict_types=1);

namespace App\Queries\Meetings;

use Loftrin\Core\Calendar\RecurrenceRule;

/** A recurrence rule in plain words, as far as there are some: "every second Thursday". */
final readonly class RuleWords
{
    private const DAYS = [
        'MO' => 'Monday',
        'TU' => 'Tuesday',
        'WE' => 'Wednesday',
        'TH' => 'Thursday',
        'FR' => 'Friday',
        'SA' => 'Saturday',
        'SU' => 'Sunday',
    ];

    private const PLACES = ['1' => 'first', '2' => 'second', '3' => 'third', '4' => 'fourth', '-1' => 'last'];

    /** The words, or the rule itself where there are none for it. */
    public static function of(string $rule): string
    {
        if (RecurrenceRule::fault($rule) !== null) {
            return "not a valid rule ($rule): choose another one";
        }

        parse_str(str_replace(';', '&', $rule), $parts);
        $freq = is_string($parts['FREQ'] ?? null) ? $parts['FREQ'] : '';
        $interval = is_string($parts['INTERVAL'] ?? null) ? (int) $parts['INTERVAL'] : 1;
        $byDay = is_string($parts['BYDAY'] ?? null) ? explode(',', $parts['BYDAY']) : [];
        $known = array_diff_key($parts, array_flip(['FREQ', 'INTERVAL', 'BYDAY'])) === [];

        return match (true) {
            $freq === 'DAILY' && ($parts['COUNT'] ?? '') === '1' => 'once',
            ! $known => $rule,
            $freq === 'DAILY' && $byDay === [] => self::every($interval, 'day'),
            $freq === 'WEEKLY' && $byDay !== [] && array_diff($byDay, array_keys(self::DAYS)) === [] => self::every(
                $interval,
                self::list($byDay),
            ),
            $freq === 'WEEKLY' && $byDay === [] => self::every($interval, 'week'),
            $freq === 'MONTHLY' && count($byDay) === 1 => self::monthly($interval, $byDay[0]) ?? $rule,
            $freq === 'MONTHLY' && $byDay === [] => self::every($interval, 'month'),
            default => $rule,
        };
    }

    private static function every(int $interval, string $what): string
    {
        return match ($interval) {
            1 => "every $what",
            2 => "every second $what",
            3 => "every third $what",
            default => "every {$interval}th $what",
        };
    }

    /** @param list<string> $days */
    private static function list(array $days): string
    {
        return implode(' and ', array_map(static fn(string $day): string => self::DAYS[$day], $days));
    }

    private static function monthly(int $interval, string $day): ?string
    {
        $code = substr($day, -2);
        $place = self::PLACES[substr($day, 0, -2)] ?? null;

        if ($place === null || ! isset(self::DAYS[$code])) {
            return null;
        }

        return "the $place ".self::DAYS[$code].' of '.self::every($interval, 'month');
    }
}
