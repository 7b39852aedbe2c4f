<?php

declare(strict_types=1);

namespace App\Queries\Goals;

use App\Models\Person;
use App\Models\Workspace;
use Loftrin\Core\Calendar\Period;

/** The plans that one request needs, each loaded once: the frame and the screen share them. */
final class StoredPlans
{
    /** @var array<string, StoredPlan> by year and person */
    private array $plans = [];

    public function __construct(private readonly Workspace $workspace)
    {
    }

    public function ofYear(Period $year, ?Person $viewer): StoredPlan
    {
        return $this->plans["$year $viewer?->id"] ??= StoredPlan::ofYear($this->workspace, $viewer, $year);
    }

    /** The plan of the year that holds the period. */
    public function holding(Period $period, ?Person $viewer): StoredPlan
    {
        return $this->ofYear($this->workspace->calendar()->yearOf($period->anchor()), $viewer);
    }
}
