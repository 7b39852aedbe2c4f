<?php

declare(strict_types=1);

namespace App\Queries\Reviews\Answers;

use App\Queries\Goals\Answers\GoalRow;
use App\Queries\Props;

final readonly class MovedGoal implements Props
{
    /**
     * @param ?float $change in points since the week before; null when there was nothing to measure
     * @param list<string> $tasks titles of what was done for it, the largest first
     * @param int $more how many besides
     */
    public function __construct(public GoalRow $goal, public ?float $change, public array $tasks, public int $more)
    {
    }
}
