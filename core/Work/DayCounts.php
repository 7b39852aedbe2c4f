<?php

declare(strict_types=1);

namespace Loftrin\Core\Work;

use Loftrin\Core\Calendar\Day;

/** How many there are from day to day, kept as what changes on each. Days are given by their numbers. */
final class DayCounts
{
    /** @var array<int, int> by day, what it adds to the day before */
    private array $changes = [];

    /** So many more from the one day until the other, without that; none where no day lies between. */
    public function count(int $from, int $until = PHP_INT_MAX, int $more = 1): void
    {
        if ($from >= $until) {
            return;
        }

        $this->changes[$from] = ($this->changes[$from] ?? 0) + $more;

        if ($until !== PHP_INT_MAX) {
            $this->changes[$until] = ($this->changes[$until] ?? 0) - $more;
        }
    }

    /**
     * How many there are on each of the days.
     *
     * @param list<Day> $days in their order
     *
     * @return array<int, int> by the number of the day
     */
    public function on(array $days): array
    {
        ksort($this->changes);
        reset($this->changes);
        $count = 0;
        $counts = [];

        foreach ($days as $day) {
            for (; ($at = key($this->changes)) !== null && $at <= $day->number; next($this->changes)) {
                $count += $this->changes[$at];
            }

            $counts[$day->number] = $count;
        }

        return $counts;
    }
}
