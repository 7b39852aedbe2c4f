<?php

declare(strict_types=1);

namespace App\Queries\Week\Answers;

use App\Queries\Props;

/** What a week plans for a goal, in minutes. */
final readonly class GoalHours implements Props
{
    /**
     * @param int $goal its id
     * @param int $planned for it, done or not
     * @param int $done of that
     */
    public function __construct(public int $goal, public int $planned, public int $done)
    {
    }
}
