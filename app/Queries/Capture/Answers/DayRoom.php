<?php

declare(strict_types=1);

namespace App\Queries\Capture\Answers;

use App\Queries\Props;
use App\Queries\Week\Answers\WeekDay;
use Loftrin\Core\Calendar\Day;

/** What a day has left, in minutes. */
final readonly class DayRoom implements Props
{
    /**
     * @param int $available one works on that day
     * @param int $taken by meetings
     * @param int $planned with open tasks
     * @param int $free below 0 when there is more than fits
     */
    public function __construct(public Day $on, public int $available, public int $taken, public int $planned, public int $free)
    {
    }

    public static function of(WeekDay $day): self
    {
        return new self($day->on, $day->available, array_sum(array_column($day->meetings, 'minutes')), $day->planned, $day->free);
    }
}
