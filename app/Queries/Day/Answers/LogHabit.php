<?php

declare(strict_types=1);

namespace App\Queries\Day\Answers;

use App\Queries\Props;
use Loftrin\Core\Day\HabitPer;

/** A habit as a column of the log. */
final readonly class LogHabit implements Props
{
    /**
     * @param int $times in each period
     * @param int $done in the period that holds the last day shown
     * @param int $inARow on that day
     */
    public function __construct(public string $title, public HabitPer $per, public int $times, public int $done, public int $inARow)
    {
    }
}
