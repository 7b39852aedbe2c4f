<?php

declare(strict_types=1);

namespace App\Queries\Goals;

use App\Models\Goal;
use App\Models\Person;
use App\Models\Workspace;
use App\Queries\Goals\Answers\ChartPoint;
use App\Queries\Goals\Answers\GoalRow;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Calendar\Horizon;
use Loftrin\Core\Fraction;
use Loftrin\Core\Goals\Lineage;
use Loftrin\Core\Goals\Readiness;

/** Works out where a goal stands and how it came there. */
final readonly class GoalCourse
{
    public function __construct(private Workspace $workspace, private StoredPlans $plans)
    {
    }

    public function of(Goal $goal, Person $viewer, Day $on): GoalFigures
    {
        $threads = $this->plans->threads($viewer, $this->workspace->calendar()->period($goal->period));
        $stored = $this->plans->beneath([$this->root($goal, $threads)], $viewer);
        $days = $this->chartDays($goal, $on);
        $stored->prepare([$on]);
        $stored->prepare(array_values(array_filter($days, static fn(Day $day): bool => ! $day->isAfter($on))), forecastsOn: $on, of: $goal);
        $core = $stored->core($goal);
        $forecast = $stored->forecast($goal, $on);
        $sum = new WrittenSum($stored, $core->closingOn($on)->on ?? $on);
        $row = static fn(Goal $each): GoalRow => GoalRow::of($each, $stored, $threads, $on);

        return new GoalFigures(
            row: GoalRow::of($goal, $stored, $threads, $on, $forecast),
            above: array_map($row, $this->above($goal, $stored)),
            beneath: array_values($stored->goals()->where('parent_id', $goal->id)->map($row)->all()),
            sum: $sum->lines($goal),
            decided: $sum->decided($goal),
            formula: $sum->formula($goal, $stored->figure($goal, $on)),
            chart: array_map(fn(Day $day): ChartPoint => $this->point($goal, $stored, $day, $on), $days),
            forecast: $forecast,
            ready: Readiness::of($core, $stored->rollup, $on),
        );
    }

    /**
     * From week to week through its period, each day of a shorter one, and today; the day after the last ends it.
     *
     * @return list<Day>
     */
    private function chartDays(Goal $goal, Day $today): array
    {
        $stride = match ($goal->horizon) {
            Horizon::Year, Horizon::Quarter => 7,
            Horizon::Month, Horizon::Week => 1,
        };
        $numbers = [...range($goal->starts_on->number, $goal->ends_on->number, $stride), $goal->ends_on->number + 1];

        if (! $today->isBefore($goal->starts_on) && ! $today->isAfter($goal->ends_on)) {
            $numbers[] = $today->number;
        }

        $numbers = array_unique($numbers);
        sort($numbers);

        return array_map(Day::ofNumber(...), $numbers);
    }

    /** The goal furthest up that can be seen from it. */
    private function root(Goal $goal, Threads $threads): int
    {
        $above = Lineage::upFrom(
            $threads->goal($goal->parent_id),
            static fn(OutlinedGoal $at): ?OutlinedGoal => $threads->goal($at->parent),
            static fn(OutlinedGoal $at): int => $at->id,
        );

        return $above === [] ? $goal->id : $above[count($above) - 1]->id;
    }

    /** @return list<Goal> from the top of the thread down */
    private function above(Goal $goal, StoredPlan $stored): array
    {
        $parentOf = static fn(Goal $at): ?Goal => $stored->goals()->get($at->parent_id);

        return array_reverse(Lineage::upFrom($parentOf($goal), $parentOf, static fn(Goal $at): int => $at->id));
    }

    private function point(Goal $goal, StoredPlan $stored, Day $day, Day $today): ChartPoint
    {
        $core = $stored->core($goal);
        $percent = static fn(?Fraction $value): ?float => $value?->times(Fraction::of(100))->rounded(1);

        return new ChartPoint(
            $day,
            $day->isAfter($today) ? null : $percent($stored->rollup->progress($core, $day)),
            $percent($stored->rollup->expected($core, $day)),
        );
    }
}
