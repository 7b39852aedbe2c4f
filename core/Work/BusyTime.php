<?php

declare(strict_types=1);

namespace Loftrin\Core\Work;

/** The time of one day that is taken. Rules: computation 10. */
final readonly class BusyTime
{
    /**
     * What overlaps counts once.
     *
     * @param list<array{string, int}> $taken each from a time on the wall clock, HH:MM, for so many minutes
     *
     * @return int minutes
     */
    public static function minutes(array $taken): int
    {
        sort($taken);
        $minutes = 0;
        $free = 0;

        foreach ($taken as [$time, $length]) {
            $from = 60 * (int) substr($time, 0, 2) + (int) substr($time, 3, 2);
            $until = $from + $length;
            $minutes += max(0, $until - max($from, $free));
            $free = max($free, $until);
        }

        return $minutes;
    }
}
