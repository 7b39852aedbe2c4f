<?php

declare(strict_types=1);

namespace Loftrin\Core\Day;

/** Where on a day what has no time of its own would fit. Minutes since midnight. */
final readonly class FreeTime
{
    /**
     * Each, in its order, stands in the first gap that holds it whole.
     *
     * @param list<array{int, int}> $busy from, until; may overlap
     * @param list<int> $lengths minutes each
     *
     * @return list<?int> when each begins; null where no gap before the end holds it
     */
    public static function place(array $busy, array $lengths, int $from, int $until): array
    {
        return array_map(static function (int $length) use (&$busy, $from, $until): ?int {
            $at = self::gap($busy, $length, $from, $until);

            if ($at !== null) {
                $busy[] = [$at, $at + $length];
            }

            return $at;
        }, $lengths);
    }

    /** @param list<array{int, int}> $busy */
    private static function gap(array $busy, int $length, int $from, int $until): ?int
    {
        sort($busy);
        $at = $from;

        foreach ($busy as [$first, $last]) {
            if ($at + $length <= $first) {
                break;
            }

            $at = max($at, $last);
        }

        return $at + $length <= $until ? $at : null;
    }
}
