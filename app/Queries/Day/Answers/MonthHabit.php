<?php

declare(strict_types=1);

namespace App\Queries\Day\Answers;

use App\Queries\Props;
use Loftrin\Core\Day\HabitPer;

/** A habit over a month. */
final readonly class MonthHabit implements Props
{
    /**
     * @param int $times in each period
     * @param array<string, int> $days how often it was done, by date
     * @param int $met periods of the month that met the target
     * @param int $over periods of the month that count
     * @param int $inARow at the end of the month, or today
     */
    public function __construct(
        public string $title,
        public HabitPer $per,
        public int $times,
        public array $days,
        public int $met,
        public int $over,
        public int $inARow,
    ) {
    }
}
