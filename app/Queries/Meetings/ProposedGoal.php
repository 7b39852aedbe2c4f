<?php

declare(strict_types=1);

namespace App\Queries\Meetings;

use App\Queries\Parts\Answers\Option;
use App\Queries\Parts\Choices;
use Loftrin\Core\Meetings\LikelyGoal;

/** The open goal that an issue is most likely about, of those that all may see: what a meeting deals with is seen by all of it. */
final readonly class ProposedGoal
{
    public function __construct(private Choices $choices)
    {
    }

    public function for(string $words): ?Option
    {
        $goals = [];

        foreach ($this->choices->openGoals() as $goal) {
            $goals[(int) $goal->value] = $goal;
        }

        $likely = LikelyGoal::of($words, array_map(static fn(Option $goal): string => $goal->label, $goals));

        return $likely === null ? null : $goals[$likely];
    }
}
