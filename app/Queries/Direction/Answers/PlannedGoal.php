<?php

declare(strict_types=1);

namespace App\Queries\Direction\Answers;

use App\Queries\Goals\Answers\GoalRow;
use App\Queries\Props;

/** A goal of the stretch that is planned. */
final readonly class PlannedGoal implements Props
{
    public function __construct(public GoalRow $goal, public bool $isMain, public bool $isFirst, public bool $mayChange)
    {
    }
}
