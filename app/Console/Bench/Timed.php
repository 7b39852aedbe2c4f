<?php

declare(strict_types=1);

namespace App\Console\Bench;

/** How long several works take, done in turn so that a slow moment of the machine is one to all of them. */
final class Timed
{
    /**
     * @param int<1, max> $runs
     * @param callable(): void ...$works
     *
     * @return list<float> the median of each in milliseconds, all of them done in turn
     */
    public static function inTurn(int $runs, callable ...$works): array
    {
        $times = [];

        for ($run = 0; $run <= $runs; $run++) {
            foreach ($works as $i => $work) {
                $start = hrtime(true);
                $work();
                $times[$i][$run] = (hrtime(true) - $start) / 1e6;
            }
        }

        // The first run warms up.
        return array_values(array_map(static fn(array $all): float => self::median(array_slice($all, 1)), $times));
    }

    /** @param list<float> $times at least one */
    public static function median(array $times): float
    {
        sort($times);

        return $times[intdiv(count($times), 2)] ?? 0.0;
    }
}
