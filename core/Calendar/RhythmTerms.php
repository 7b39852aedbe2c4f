<?php

declare(strict_types=1);

namespace Loftrin\Core\Calendar;

/** Numbers, places, weekdays and months as words. */
final readonly class RhythmTerms
{
    private const DAYS = [
        'monday' => 'MO',
        'tuesday' => 'TU',
        'wednesday' => 'WE',
        'thursday' => 'TH',
        'friday' => 'FR',
        'saturday' => 'SA',
        'sunday' => 'SU',
    ];

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

    public const MONTHS = [
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

    public static function number(string $word): ?int
    {
        $number =
            self::NUMBERS[$word] ??
            (self::ORDINALS[$word] ?? (preg_match('/^(\d{1,3})(?:st|nd|rd|th)?$/', $word, $found) === 1 ? (int) $found[1] : 0));

        return $number > 0 ? $number : null;
    }

    /** @return list<string> the weekdays from Monday, as a rule names them */
    public static function week(): array
    {
        return array_values(self::DAYS);
    }

    public static function weekday(string $word): ?string
    {
        if (preg_match('/^(?:mon|tues?|wed|thu(?:rs?)?|fri|sat|sun)$/', $word) === 1) {
            return strtoupper(substr($word, 0, 2));
        }

        return self::DAYS[$word] ?? (self::DAYS[rtrim($word, 's')] ?? null);
    }

    /** "first", "3rd", "last" as -1; null of what names no place. */
    public static function place(string $word): ?int
    {
        return self::ORDINALS[$word] ?? (preg_match('/^([1-5])(?:st|nd|rd|th)$/', $word, $number) === 1 ? (int) $number[1] : null);
    }
}
