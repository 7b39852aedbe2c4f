<?php

declare(strict_types=1);

namespace Loftrin\Core\Calendar;

/** A day of the week, counted from Monday. */
enum Weekday: int
{
    case Monday = 0;
    case Tuesday = 1;
    case Wednesday = 2;
    case Thursday = 3;
    case Friday = 4;
    case Saturday = 5;
    case Sunday = 6;

    /** The weekday of a name as plan files write it ("monday"), or null. */
    public static function tryNamed(string $name): ?self
    {
        foreach (self::cases() as $weekday) {
            if ($weekday->label() === $name) {
                return $weekday;
            }
        }

        return null;
    }

    /** @return list<string> the names of all, from Monday on */
    public static function labels(): array
    {
        return array_map(static fn(self $day): string => $day->label(), self::cases());
    }

    public function label(): string
    {
        return strtolower($this->name);
    }

    public function plus(int $days): self
    {
        return self::from(((($this->value + $days) % 7) + 7) % 7);
    }

    /** How many days this weekday lies behind the other, 0 to 6. */
    public function daysAfter(self $other): int
    {
        return ($this->value - $other->value + 7) % 7;
    }
}
