<?php

declare(strict_types=1);

namespace App\Queries\Direction;

use App\Models\Goal;
use App\Models\PeriodWords;
use App\Models\Person;
use App\Models\Workspace;
use App\Queries\Direction\Answers\DirectionView;
use App\Queries\Direction\Answers\LongTerm;
use App\Queries\Direction\Answers\PeriodLine;
use App\Queries\Direction\Answers\PlacedGoal;
use App\Queries\Goals\GoalRows;
use App\Queries\Parts\Answers\PeriodTag;
use App\Queries\Plan\OutlinedGoal;
use App\Queries\Plan\StoredPlans;
use Illuminate\Support\Facades\Gate;
use Loftrin\Core\Calendar\Horizon;
use Loftrin\Core\Calendar\Period;

final readonly class DirectionPage
{
    public function __construct(private Workspace $workspace, private StoredPlans $plans, private GoalRows $rows)
    {
    }

    public function of(Period $year, Person $viewer): DirectionView
    {
        $calendar = $this->workspace->calendar();
        $said = PeriodWords::query()
            ->where('period', $year->name)
            ->orWhere('period', 'like', "$year->name-Q%")
            ->get()
            ->keyBy('period');
        $threads = $this->plans->threads($viewer, $year);
        $line = static fn(Period $period): PeriodLine => PeriodLine::of(
            PeriodTag::of($period, $calendar),
            $said->get($period->name),
            $threads->mainOf($period->name)?->title,
        );
        $quarters = [];

        for (
            $quarter = $calendar->periodOf(Horizon::Quarter, $year->span->first);
            $year->holds($quarter);
            $quarter = $calendar->next($quarter)
        ) {
            $quarters[] = $line($quarter);
        }

        return new DirectionView(LongTerm::of($this->workspace), $line($year), $quarters, $this->goals($year, $viewer), $viewer->isLead());
    }

    /** @return list<PlacedGoal> those that stand at the top of the year */
    public function goals(Period $year, Person $viewer): array
    {
        $threads = $this->plans->threads($viewer, $year);
        $rows = $this->rows->ofYear($year, $viewer, $this->workspace->today());

        $tops = $threads->where(
            static fn(OutlinedGoal $goal): bool => $goal->horizon === Horizon::Year && $threads->goal($goal->parent) === null,
        );

        return array_values(
            Goal::query()
                ->with('owner')
                ->whereKey($tops)
                ->get()
                ->sortBy(static fn(Goal $goal): array => [$goal->long_term_goal_id ?? PHP_INT_MAX, $goal->id])
                ->map(
                    static fn(Goal $goal): PlacedGoal => new PlacedGoal(
                        $rows[$goal->id],
                        $goal->why,
                        $goal->long_term_goal_id,
                        $goal->quarters ?? [],
                        Gate::forUser($viewer)->allows('update', $goal),
                    ),
                )
                ->all(),
        );
    }
}
