<?php

declare(strict_types=1);

namespace Loftrin\Core\Calendar;

/** A time on the wall clock, written HH:MM, as minutes since midnight and back. */
final readonly class WallTime
{
    public static function minutes(string $time): int
    {
        return 60 * (int) substr($time, 0, 2) + (int) substr($time, 3, 2);
    }

    /** @param int $minutes since midnight */
    public static function of(int $minutes): string
    {
        return sprintf('%02d:%02d', intdiv($minutes, 60), $minutes % 60);
    }
}
