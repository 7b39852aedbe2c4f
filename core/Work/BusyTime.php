<?php

declare(strict_types=1);

namespace Loftrin\Core\Work;

use Loftrin\Core\Calendar\WallTime;

/** The time of one day that is taken. Rules: computation 10. */
final readonly class BusyTime
{
    /** Working hours, in minutes since midnight: 09:00 to 17:00. */
    public const WORK_FROM = 9 * 60;

    public const WORK_UNTIL = 17 * 60;

    /**
     * The part of an appointment that lies within working hours.
     *
     * @return array{string, int} from a time on the wall clock, HH:MM, for so many minutes; 0 where it lies outside of them
     */
    public static function atWork(string $time, int $minutes): array
    {
        $at = WallTime::minutes($time);
        $from = max($at, self::WORK_FROM);

        return [WallTime::of($from), max(0, min($at + $minutes, self::WORK_UNTIL) - $from)];
    }

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
            $from = WallTime::minutes($time);
            $until = $from + $length;
            $minutes += max(0, $until - max($from, $free));
            $free = max($free, $until);
        }

        return $minutes;
    }
}
