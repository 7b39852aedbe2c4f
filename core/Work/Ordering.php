<?php

declare(strict_types=1);

namespace Loftrin\Core\Work;

use InvalidArgumentException;

/**
 * Puts one thing at another place of an order, and moves as few of the others as it can: positions are kept
 * wide apart, so that mostly the moved one alone gets a new one.
 */
final readonly class Ordering
{
    /** How far apart positions are where there is room. */
    public const STEP = 64;

    /**
     * @param array<int, int> $others positions by id, of all but the moved one, in their order
     * @param int $moved its id
     * @param ?int $before the id before which it goes; null to come last
     *
     * @return array<int, int> the new positions by id, of the moved one and of those that have to make room
     *
     * @throws InvalidArgumentException when it should go before one that is not there
     */
    public static function place(array $others, int $moved, ?int $before): array
    {
        if ($before === null) {
            return [$moved => ($others === [] ? 0 : max($others)) + self::STEP];
        }

        $ids = array_keys($others);
        $at = array_search($before, $ids, true);

        if ($at === false) {
            throw new InvalidArgumentException('The task it should go before has moved or no longer exists. Please try again.');
        }

        $after = $at === 0 ? 0 : $others[$ids[$at - 1]];
        $middle = intdiv($after + $others[$before], 2);

        if ($middle > $after && $middle < $others[$before]) {
            return [$moved => $middle];
        }

        $positions = [];

        foreach ([...array_slice($ids, 0, $at), $moved, ...array_slice($ids, $at)] as $place => $id) {
            $positions[$id] = ($place + 1) * self::STEP;
        }

        return array_filter(
            $positions,
            static fn(int $position, int $id): bool => ($others[$id] ?? null) !== $position,
            ARRAY_FILTER_USE_BOTH,
        );
    }
}
