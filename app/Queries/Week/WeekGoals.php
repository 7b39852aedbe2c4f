<?php

declare(strict_types=1);

namespace App\Queries\Week;

use App\Models\Person;
use App\Models\Workspace;
use App\Queries\Goals\Answers\GoalRow;
use App\Queries\Goals\GoalRows;
use App\Queries\Plan\OutlinedGoal;
use App\Queries\Plan\StoredPlans;
use Loftrin\Core\Calendar\Period;

/** The goals of weeks. */
final readonly class WeekGoals
{
    public function __construct(private Workspace $workspace, private StoredPlans $plans, private GoalRows $goals)
    {
    }

    /** @return list<GoalRow> the company's and the person's own, firm ones first */
    public function of(Period $week, Person $viewer, Person $whose): array
    {
        $ofWeek = $this->plans->threads($viewer, $week)->where(static fn(OutlinedGoal $goal): bool => $goal->period === $week->name);
        $rows = $this->goals->only($ofWeek, $week, $viewer, $this->workspace->today());
        usort(
            $rows,
            static fn(GoalRow $a, GoalRow $b): int => [! $a->isFirm, $a->owner->id !== $whose->id, $a->id] <=> [
                ! $b->isFirm,
                $b->owner->id !== $whose->id,
                $b->id,
            ],
        );

        return $rows;
    }
}
