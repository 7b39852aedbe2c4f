<?php

declare(strict_types=1);

namespace App\Queries\Direction;

use App\Models\Goal;
use App\Models\Person;
use App\Models\Planning;
use App\Models\Workspace;
use App\Queries\Goals\ClosingPage;
use App\Queries\Goals\GoalRow;
use App\Queries\Goals\StoredPlan;
use App\Queries\Goals\StoredPlans;
use App\Queries\Parts\PersonTag;
use Illuminate\Support\Facades\Gate;
use Loftrin\Core\Calendar\Horizon;
use Loftrin\Core\Calendar\Period;
use Loftrin\Core\Calendar\PlanningSpan;
use Loftrin\Core\Fraction;

/** The planning of a stretch, at one of its steps. */
final readonly class PlanningPage
{
    public function __construct(
        private Workspace $workspace,
        private StoredPlans $plans,
        private ClosingPage $closing,
        private DirectionPage $direction,
        private Resolves $resolves,
        private Loads $loads,
        private ShelfPage $shelf,
    ) {
    }

    /** @param ?PlanningStep $step null for where it was left */
    public function of(PlanningSpan $stretch, Person $viewer, ?PlanningStep $step): PlanningView
    {
        $calendar = $this->workspace->calendar();
        $planning = Planning::query()->firstWhere('stretch', $stretch->name);
        $before = $stretch->previous($calendar);
        $year = $calendar->yearOf($stretch->anchor());
        $stored = $this->plans->ofYear($year, $viewer);
        $stored->prepare([$this->workspace->today()]);
        $past = array_map(fn(Period $period) => $this->closing->of($period, $viewer), $before->periods);
        $above = $this->above($stretch, $stored);
        $hung = array_merge(...array_map(static fn(GoalAbove $each): array => array_column(array_column($each->goals, 'goal'), 'id'), $above));

        return new PlanningView(
            StretchTag::of($stretch, $calendar),
            $step ?? PlanningStep::at($planning->step ?? 0),
            PlanningStep::cases(),
            $planning?->finished_on,
            StretchTag::of($before, $calendar),
            StretchTag::of($stretch->next($calendar), $calendar),
            array_merge(...array_map(static fn($view): array => array_column($view->open, 'goal'), $past)),
            array_merge(...array_map(static fn($view): array => $view->closed, $past)),
            $this->resolves->of($before),
            Bearing::of($this->workspace),
            $stretch->horizon() === Horizon::Year ? $this->direction->of($year, $viewer) : null,
            $above,
            array_values(array_filter($this->goals($stretch, $stored, null), static fn(PlannedGoal $each): bool => ! in_array($each->goal->id, $hung, true))),
            $this->resolves->of($stretch),
            $this->loads->of($stretch),
            $this->shelf->until($viewer, $stretch->span->last),
            PersonTag::all(),
        );
    }

    /**
     * The open goals of the longer periods that hold the stretch: of a quarter the year's, of anything shorter the
     * quarter's and the month's.
     *
     * @return list<GoalAbove>
     */
    private function above(PlanningSpan $stretch, StoredPlan $stored): array
    {
        $calendar = $this->workspace->calendar();
        $horizons = match ($stretch->horizon()) {
            Horizon::Year => [],
            Horizon::Quarter => [Horizon::Year],
            Horizon::Month => [Horizon::Quarter],
            Horizon::Week => [Horizon::Quarter, Horizon::Month],
        };
        $holding = array_map(static fn(Horizon $horizon): string => $calendar->periodOf($horizon, $stretch->anchor())->name, $horizons);
        $quarter = (int) substr($calendar->quarterOf($stretch->anchor())->name, -1);
        $threads = $this->plans->threads($stored->viewer, $stretch->periods[0]);

        return array_values($stored->goals()
            ->filter(static fn(Goal $goal): bool => in_array($goal->period, $holding, true) && $goal->closed_on === null)
            ->sortBy(static fn(Goal $goal): array => [in_array($quarter, $goal->quarters ?? [$quarter], true) ? 0 : 1, $goal->is_main ? 0 : 1, $goal->id])
            ->map(fn(Goal $goal): GoalAbove => new GoalAbove(
                GoalRow::of($goal, $stored, $threads, $this->workspace->today()),
                $stored->rollup->pace->ofGoal($stored->core($goal), $stretch->span->last->plus(1))?->times(Fraction::of(100))->rounded(0),
                in_array($quarter, $goal->quarters ?? [], true),
                $this->goals($stretch, $stored, $goal->id),
            ))->all());
    }

    /**
     * @param ?int $parent null for all of them
     *
     * @return list<PlannedGoal> the open goals of the stretch
     */
    private function goals(PlanningSpan $stretch, StoredPlan $stored, ?int $parent): array
    {
        $names = array_map(static fn(Period $period): string => $period->name, $stretch->periods);
        $threads = $this->plans->threads($stored->viewer, $stretch->periods[0]);
        $viewer = $stored->viewer;

        return array_values($stored->goals()
            ->filter(static fn(Goal $goal): bool => in_array($goal->period, $names, true) && $goal->closed_on === null && ($parent === null || $goal->parent_id === $parent))
            ->sortBy(static fn(Goal $goal): array => [$goal->is_main ? 0 : 1, $goal->is_first ? 0 : 1, $goal->id])
            ->map(fn(Goal $goal): PlannedGoal => new PlannedGoal(
                GoalRow::of($goal, $stored, $threads, $this->workspace->today()),
                $goal->is_main,
                $goal->is_first,
                $viewer !== null && Gate::forUser($viewer)->allows('update', $goal),
            ))->all());
    }
}
