<?php

declare(strict_types=1);

namespace Loftrin\Core\Goals;

/** The climb from a goal through those above it. Goals that are each other's ancestors break a rule; the climb ends all the same. */
final readonly class Lineage
{
    /**
     * @template T
     *
     * @param ?T $first the goal right above
     * @param callable(T): ?T $parentOf
     * @param callable(T): array-key $key what names a goal
     *
     * @return list<T> those above, the nearest first, each once
     */
    public static function upFrom(mixed $first, callable $parentOf, callable $key): array
    {
        $above = [];

        for ($at = $first; $at !== null && ! isset($above[$key($at)]); $at = $parentOf($at)) {
            $above[$key($at)] = $at;
        }

        return array_values($above);
    }

    /**
     * The same parents, without the links by which a goal would be its own ancestor.
     *
     * @template K of array-key
     *
     * @param array<K, ?K> $parents by goal
     *
     * @return array<K, ?K>
     */
    public static function withoutLoops(array $parents): array
    {
        $ends = [];

        foreach (array_keys($parents) as $goal) {
            $path = [];

            for ($at = $goal; $at !== null && ! isset($ends[$at]); $at = $parents[$at] ?? null) {
                if (isset($path[$at])) {
                    $parents[$at] = null;

                    break;
                }

                $path[$at] = true;
            }

            $ends += $path;
        }

        return $parents;
    }
}
