<?php

declare(strict_types=1);

namespace App\Queries\Day\Answers;

use App\Queries\Props;
use Loftrin\Core\Day\HabitPer;

/** A habit as of a day. */
final readonly class HabitRow implements Props
{
    /**
     * @param list<string> $weekdays names of those on which a daily one counts
     * @param int $times in each period
     * @param int $today how often it was done on the day
     * @param int $count how often it was done in the period that holds the day
     * @param int $inARow periods that met the target
     * @param list<HabitMark> $recent periods, the oldest first
     * @param int $met how many of the recent ones that are over met the target
     * @param int $over how many of the recent ones are over and count
     * @param ?string $goal whose readings it keeps
     */
    public function __construct(
        public int $id,
        public string $title,
        public HabitPer $per,
        public int $times,
        public array $weekdays,
        public ?int $goalId,
        public ?string $goal,
        public int $today,
        public int $count,
        public int $inARow,
        public array $recent,
        public int $met,
        public int $over,
    ) {
    }
}
