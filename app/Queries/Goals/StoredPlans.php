<?php

declare(strict_types=1);

namespace App\Queries\Goals;

use App\Models\Goal;
use App\Models\Person;
use App\Models\Workspace;
use Illuminate\Database\Eloquent\Collection;
use Loftrin\Core\Calendar\Period;

/** The plans that one request needs, each loaded once: the frame and the screen share them. */
final class StoredPlans
{
    /** @var array<string, StoredPlan> by year and person */
    private array $plans = [];

    /** @var array<string, Threads> by year and person */
    private array $threads = [];

    public function __construct(private readonly Workspace $workspace)
    {
    }

    public function ofYear(Period $year, ?Person $viewer): StoredPlan
    {
        return $this->plans["$year $viewer?->id"] ??= StoredPlan::ofYear($this->workspace, $viewer, $year);
    }

    /**
     * Only what the figures of a few goals rest on.
     *
     * @param Collection<int, Goal> $goals
     */
    public function beneath(Collection $goals, ?Person $viewer): StoredPlan
    {
        $ids = array_values($goals->map(static fn(Goal $goal): int => $goal->id)->all());

        foreach ($this->plans as $plan) {
            if ($plan->viewer?->id === $viewer?->id && $plan->goals->only($ids)->count() === count($ids)) {
                return $plan;
            }
        }

        return StoredPlan::beneath($this->workspace, $viewer, $ids);
    }

    /** The threads of the year that holds the period, or of the present one. */
    public function threads(?Person $viewer, ?Period $within = null): Threads
    {
        $calendar = $this->workspace->calendar();
        $year = $calendar->yearOf($within === null ? $this->workspace->today() : $within->anchor());

        return $this->threads["$year $viewer?->id"] ??= new Threads(Outline::ofYear($year, $viewer));
    }

    /** The plan of the year that holds the period. */
    public function holding(Period $period, ?Person $viewer): StoredPlan
    {
        return $this->ofYear($this->workspace->calendar()->yearOf($period->anchor()), $viewer);
    }
}
