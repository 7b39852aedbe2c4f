<?php

declare(strict_types=1);

namespace App\Queries\Week\Answers;

use App\Queries\Props;
use Loftrin\Core\Work\DayHours;

/** The hours of a person's week in minutes, of the present one from today on. Rules: computation 10. */
final readonly class WeekHours implements Props
{
    /**
     * @param int $available one works
     * @param int $taken by meetings
     * @param int $onDays planned with tasks of a day
     * @param int $noDay planned with tasks of the week that have no day yet
     * @param int $free below 0 when there is more than fits
     */
    private function __construct(public int $available, public int $taken, public int $onDays, public int $noDay, public int $free)
    {
    }

    /**
     * @param list<WeekDay> $days
     * @param int $noDay minutes of the open tasks that have no day yet
     */
    public static function of(array $days, int $noDay): self
    {
        $left = array_filter($days, static fn(WeekDay $day): bool => ! $day->isPast);
        $onDays = array_sum(array_column($left, 'planned'));
        $load = new DayHours(
            array_sum(array_column($left, 'available')),
            // What is neither free nor planned is taken.
            array_sum(array_map(static fn(WeekDay $day): int => $day->available - $day->planned - $day->free, $left)),
            $onDays + $noDay,
        );

        return new self($load->available, $load->taken, $onDays, $noDay, $load->free());
    }
}
