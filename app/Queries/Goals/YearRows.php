<?php

declare(strict_types=1);

namespace App\Queries\Goals;

use App\Models\Goal;
use App\Models\Person;
use App\Queries\Parts\Remembered;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Calendar\Period;

/** Every goal of a year that a person may see, with where it stands as of a day: kept until anything is changed. */
final readonly class YearRows
{
    public function __construct(private StoredPlans $plans, private Remembered $remembered)
    {
    }

    /** @return array<int, GoalRow> by id, in their order */
    public function of(Period $year, Person $viewer, Day $on): array
    {
        return $this->remembered->of("goals of $year->name on $on for $viewer->id", function () use ($year, $viewer, $on): array {
            $threads = $this->plans->threads($viewer, $year);
            $stored = $this->plans->ofYear($year, $viewer);
            $stored->prepare([$on]);

            return $stored->goals->map(static fn(Goal $goal): GoalRow => GoalRow::of($goal, $stored, $threads, $on))->all();
        });
    }
}
