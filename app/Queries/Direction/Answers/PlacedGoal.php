<?php

declare(strict_types=1);

namespace App\Queries\Direction\Answers;

use App\Queries\Goals\Answers\GoalRow;
use App\Queries\Props;

/** A year goal with the long-term goal that it hangs on and the quarters in which it is worked on. */
final readonly class PlacedGoal implements Props
{
    /** @param list<int> $quarters */
    public function __construct(
        public GoalRow $goal,
        public ?string $why,
        public ?int $longTermGoal,
        public array $quarters,
        public bool $mayChange,
    ) {
    }
}
