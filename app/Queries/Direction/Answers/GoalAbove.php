<?php

declare(strict_types=1);

namespace App\Queries\Direction\Answers;

use App\Queries\Goals\Answers\GoalRow;
use App\Queries\Props;

/** A goal under which the stretch is planned. */
final readonly class GoalAbove implements Props
{
    /**
     * @param ?float $expectedAtEnd per cent: where it should stand when the stretch ends
     * @param bool $isPlaced whether it is said to be worked on then
     * @param list<PlannedGoal> $goals beneath it
     */
    public function __construct(public GoalRow $goal, public ?float $expectedAtEnd, public bool $isPlaced, public array $goals)
    {
    }
}
