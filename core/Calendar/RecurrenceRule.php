<?php

declare(strict_types=1);

namespace Loftrin\Core\Calendar;

/**
 * The recurrence rules that are taken: those of RFC 5545 that come round at most daily and are sure to, so that working one
 * out never takes long. What the forms and the words for a rhythm can say is among them. Rules: computation 12.
 */
final readonly class RecurrenceRule
{
    private const PARTS = ['FREQ', 'INTERVAL', 'BYDAY', 'BYMONTHDAY', 'BYMONTH', 'BYSETPOS', 'COUNT', 'UNTIL', 'WKST'];

    /** How often it comes at the least, in its own unit. */
    private const LONGEST = ['DAILY' => 731, 'WEEKLY' => 104, 'MONTHLY' => 24, 'YEARLY' => 10];

    private const DAYS_OF_MONTH = [1 => 31, 28, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31];

    /** A day that every month has. */
    private const IN_EVERY_MONTH = 28;

    /** @param array<string, string> $parts */
    private function __construct(private array $parts)
    {
    }

    /** Why the rule is not taken; null of one that is. */
    public static function fault(string $rule): ?string
    {
        $parts = self::partsOf($rule);

        if ($parts === null) {
            return 'it is no recurrence rule: write it as in RFC 5545, FREQ=WEEKLY;BYDAY=MO';
        }

        return (new self($parts))->unbounded();
    }

    /** @return ?array<string, string> by name; null of what is no rule */
    private static function partsOf(string $rule): ?array
    {
        if (preg_match('/^(?:[A-Z]+=[A-Z0-9,+-]+)(?:;[A-Z]+=[A-Z0-9,+-]+)*$/D', $rule) !== 1) {
            return null;
        }

        $parts = [];

        foreach (explode(';', $rule) as $part) {
            [$name, $value] = explode('=', $part, 2);

            if (isset($parts[$name])) {
                return null;
            }

            $parts[$name] = $value;
        }

        return isset($parts['FREQ']) ? $parts : null;
    }

    private function unbounded(): ?string
    {
        $freq = $this->parts['FREQ'];
        $unknown = array_diff(array_keys($this->parts), self::PARTS);

        return match (true) {
            ! isset(self::LONGEST[$freq]) => 'it must come back daily, weekly, monthly or yearly',
            $unknown !== [] => 'it cannot use '.implode(' and ', $unknown),
            ! $this->isWhole('INTERVAL', 1, self::LONGEST[$freq]) => 'it must come back within two years, or ten of a yearly one',
            ! $this->isWhole('COUNT', 1, 10_000) => 'COUNT must be between 1 and 10000',
            ! $this->matches('UNTIL', '(?:19|20|21)\d{6}(?:T\d{6}Z?)?'),
            ! $this->matches('WKST', self::weekdays('')) => 'it ends on no date',
            isset($this->parts['BYDAY'], $this->parts['BYMONTHDAY']) => 'it names days of the week or of the month, not both',
            default => $this->neverComes($freq),
        };
    }

    private function neverComes(string $freq): ?string
    {
        $interval = (int) ($this->parts['INTERVAL'] ?? '1');
        $isLonger = $freq === 'MONTHLY' || $freq === 'YEARLY';
        $ordinal =
            $isLonger && ($freq === 'MONTHLY' || isset($this->parts['BYMONTH']))
                ? ($interval > 1 || $freq === 'YEARLY'
                    ? '(?:[+-]?[1-4])?'
                    : '(?:[+-]?[1-5])?')
                : '';

        return match (true) {
            ! $this->matches('BYDAY', self::weekdays($ordinal).'(?:,'.self::weekdays($ordinal).')*') => 'BYDAY names no such day',
            ! $this->matches('BYMONTH', '(?:[1-9]|1[0-2])(?:,(?:[1-9]|1[0-2]))*') => 'BYMONTH names no such month',
            ! $this->matches('BYMONTHDAY', '-?(?:[1-9]|[12]\d|3[01])(?:,-?(?:[1-9]|[12]\d|3[01]))*') => 'BYMONTHDAY names no such day',
            ! $this->matches('BYSETPOS', '-?[1-5]') => 'BYSETPOS names no such place',
            isset($this->parts['BYMONTH']) && $freq !== 'YEARLY',
            isset($this->parts['BYMONTHDAY']) && ! $isLonger
                => 'it names months or days of them, which a daily or weekly rule has not',
            $freq === 'YEARLY' &&
                ! isset($this->parts['BYMONTH']) &&
                array_intersect_key($this->parts, ['BYDAY' => 1, 'BYMONTHDAY' => 1]) !== []
                => 'a yearly rule that names days must name their month',
            $freq === 'DAILY' && isset($this->parts['BYDAY']) && $interval % 7 === 0 => 'it never comes on that day',
            isset($this->parts['BYMONTHDAY']) && ! $this->hasSuchDay($freq, $interval) => 'there is no such day',
            isset($this->parts['BYSETPOS']) && $this->fewest() < abs((int) $this->parts['BYSETPOS']) => 'BYSETPOS names no such place',
            default => null,
        };
    }

    /** Whether a month that it comes to has one of the days that it names. */
    private function hasSuchDay(string $freq, int $interval): bool
    {
        $longest = match (true) {
            $freq === 'YEARLY' => max(array_map(static fn(int $month): int => self::DAYS_OF_MONTH[$month], $this->numbers('BYMONTH'))),
            $interval > 1 => self::IN_EVERY_MONTH,
            default => 31,
        };

        return array_filter($this->numbers('BYMONTHDAY'), static fn(int $day): bool => abs($day) <= $longest) !== [];
    }

    /** How many days of a month a set is sure to have, of which one is taken by its place. */
    private function fewest(): int
    {
        return match (true) {
            isset($this->parts['BYMONTHDAY']) => count(
                array_filter($this->numbers('BYMONTHDAY'), static fn(int $day): bool => abs($day) <= self::IN_EVERY_MONTH),
            ),
            // Each weekday comes four times at least, a numbered one once, and a fifth not always.
            isset($this->parts['BYDAY']) => array_sum(
                array_map(
                    static fn(string $day): int => match (true) {
                        strlen($day) === 2 => 4,
                        str_contains($day, '5') => 0,
                        default => 1,
                    },
                    explode(',', $this->parts['BYDAY']),
                ),
            ),
            default => 0,
        };
    }

    /** @return non-empty-list<int> */
    private function numbers(string $part): array
    {
        return array_map(intval(...), explode(',', $this->parts[$part] ?? '1'));
    }

    private function isWhole(string $part, int $least, int $most): bool
    {
        $value = $this->parts[$part] ?? (string) $least;

        return preg_match('/^\d{1,5}$/D', $value) === 1 && (int) $value >= $least && (int) $value <= $most;
    }

    private function matches(string $part, string $template): bool
    {
        return ! isset($this->parts[$part]) || preg_match("/^$template$/D", $this->parts[$part]) === 1;
    }

    private static function weekdays(string $ordinal): string
    {
        return "$ordinal(?:MO|TU|WE|TH|FR|SA|SU)";
    }
}
