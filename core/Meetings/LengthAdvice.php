<?php

declare(strict_types=1);

namespace Loftrin\Core\Meetings;

/** How long an item of a standing agenda should be, from how long it took. */
final readonly class LengthAdvice
{
    /** How many of the last meetings are looked at. */
    public const MEETINGS = 8;

    /** From so many on one can tell. */
    private const FEWEST = 3;

    /** Lengths are suggested in steps of so many minutes from there on. */
    private const STEP = 5;

    /**
     * The length that would have been enough three times out of four, in steps of five minutes above twenty; null where too little is
     * known, or what is planned is within two minutes of it.
     *
     * @param list<int> $took minutes, of the last meetings
     */
    public static function of(int $planned, array $took): ?int
    {
        if (count($took) < self::FEWEST) {
            return null;
        }

        sort($took);
        $enough = max(1, $took[(int) ceil(0.75 * count($took)) - 1]);
        $length = $enough > 4 * self::STEP ? self::STEP * (int) ceil($enough / self::STEP) : $enough;

        return abs($length - $planned) <= 2 ? null : $length;
    }
}
