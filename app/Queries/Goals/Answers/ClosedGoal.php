<?php

declare(strict_types=1);

namespace App\Queries\Goals\Answers;

use App\Queries\Props;

final readonly class ClosedGoal implements Props
{
    /** @param list<GoalTag> $successors what carries it on */
    public function __construct(public GoalRow $goal, public ?string $line, public array $successors)
    {
    }
}
