<?php

declare(strict_types=1);

namespace Loftrin\Core\Day;

/** Where on a day what has no time of its own would fit. Minutes since midnight. */
final readonly class FreeTime
{
    /**
     * Each, in its order, stands in the first gap that holds it whole. What needs full focus is tried in the hours kept for work first,
     * everything else around them; where that leaves no room, anywhere.
     *
     * @param list<array{int, int}> $busy from, until; may overlap
     * @param list<int> $lengths minutes each
     * @param list<array{int, int}> $kept from, until: the hours that are kept for work
     * @param list<bool> $needsFocus whether each needs full focus
     *
     * @return list<?int> when each begins; null where no gap before the end holds it
     */
    public static function place(array $busy, array $lengths, int $from, int $until, array $kept = [], array $needsFocus = []): array
    {
        $places = [];

        foreach ($lengths as $place => $length) {
            $at =
                self::preferred($busy, $length, $from, $until, $kept, $needsFocus[$place] ?? false) ??
                self::gap($busy, $length, $from, $until);
            $places[] = $at;

            if ($at !== null) {
                $busy[] = [$at, $at + $length];
            }
        }

        return $places;
    }

    /**
     * @param list<array{int, int}> $busy
     * @param list<array{int, int}> $kept
     */
    private static function preferred(array $busy, int $length, int $from, int $until, array $kept, bool $needsFocus): ?int
    {
        if (! $needsFocus) {
            return self::gap([...$busy, ...$kept], $length, $from, $until);
        }

        foreach ($kept as [$first, $last]) {
            $at = self::gap($busy, $length, max($from, $first), min($until, $last));

            if ($at !== null) {
                return $at;
            }
        }

        return null;
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
