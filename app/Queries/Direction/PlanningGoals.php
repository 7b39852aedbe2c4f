<?php

declare(strict_types=1);

namespace App\Queries\Direction;

use App\Models\Goal;
use App\Models\Person;
use App\Models\Workspace;
use App\Queries\Direction\Answers\GoalAbove;
use App\Queries\Direction\Answers\PlannedGoal;
use App\Queries\Goals\Answers\GoalRow;
use App\Queries\Goals\GoalRows;
use App\Queries\Plan\CoreRecords;
use App\Queries\Plan\OutlinedGoal;
use App\Queries\Plan\StoredPlans;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\Gate;
use Loftrin\Core\Calendar\Horizon;
use Loftrin\Core\Calendar\Period;
use Loftrin\Core\Calendar\PlanningSpan;
use Loftrin\Core\Fraction;
use Loftrin\Core\Goals\Pace;

/** The open goals of a stretch that is planned, and those of the longer periods above it. */
final readonly class PlanningGoals
{
    public function __construct(private Workspace $workspace, private StoredPlans $plans, private GoalRows $rows)
    {
    }

    /**
     * @return array{list<GoalAbove>, list<PlannedGoal>} the goals above, each with those of the stretch that hang on it; and those that
     *                                                   hang on none of them
     */
    public function of(PlanningSpan $stretch, Person $viewer): array
    {
        $holding = $this->holding($stretch);
        $names = array_map(static fn(Period $period): string => $period->name, $stretch->periods);
        $ids = $this->plans
            ->threads($viewer, $stretch->periods[0])
            ->where(static fn(OutlinedGoal $goal): bool => $goal->isOpen && in_array($goal->period, [...$holding, ...$names], true));
        $rows = $this->rows->only($ids, $stretch->periods[0], $viewer, $this->workspace->today());
        $goals = Goal::query()
            ->whereIntegerInRaw('id', array_keys($rows))
            ->with(['owner', 'checkpoints'])
            ->orderBy('id')
            ->get();
        $above = $goals->whereIn('period', $holding);
        $planned = $goals->whereIn('period', $names);

        return [
            $this->above($above, $planned, $rows, $stretch, $viewer),
            self::planned($planned->whereNotIn('parent_id', $above->modelKeys()), $rows, $viewer),
        ];
    }

    /**
     * The longer periods whose goals those of the stretch hang on: of a quarter the year, of anything shorter the
     * quarter and the month.
     *
     * @return list<string> names
     */
    private function holding(PlanningSpan $stretch): array
    {
        $calendar = $this->workspace->calendar();
        $horizons = match ($stretch->horizon()) {
            Horizon::Year => [],
            Horizon::Quarter => [Horizon::Year],
            Horizon::Month => [Horizon::Quarter],
            Horizon::Week => [Horizon::Quarter, Horizon::Month],
        };

        return array_map(static fn(Horizon $horizon): string => $calendar->periodOf($horizon, $stretch->anchor())->name, $horizons);
    }

    /**
     * @param Collection<int, Goal> $above
     * @param Collection<int, Goal> $planned
     * @param array<int, GoalRow> $rows
     *
     * @return list<GoalAbove> those placed in the stretch first
     */
    private function above(Collection $above, Collection $planned, array $rows, PlanningSpan $stretch, Person $viewer): array
    {
        $calendar = $this->workspace->calendar();
        $quarter = (int) substr($calendar->quarterOf($stretch->anchor())->name, -1);
        $records = new CoreRecords($calendar);
        $pace = new Pace($calendar);

        return array_values(
            $above
                ->sortBy(
                    static fn(Goal $goal): array => [
                        in_array($quarter, $goal->quarters ?? [$quarter], true) ? 0 : 1,
                        $goal->is_main ? 0 : 1,
                        $goal->id,
                    ],
                )
                ->map(
                    static fn(Goal $goal): GoalAbove => new GoalAbove(
                        $rows[$goal->id],
                        $pace
                            ->ofGoal($records->goal($goal, null), $stretch->span->last->plus(1))
                            ?->times(Fraction::of(100))
                            ->rounded(0),
                        in_array($quarter, $goal->quarters ?? [], true),
                        self::planned($planned->where('parent_id', $goal->id), $rows, $viewer),
                    ),
                )
                ->all(),
        );
    }

    /**
     * @param Collection<int, Goal> $goals
     * @param array<int, GoalRow> $rows
     *
     * @return list<PlannedGoal> the main one first, then what is first in line
     */
    private static function planned(Collection $goals, array $rows, Person $viewer): array
    {
        return array_values(
            $goals
                ->sortBy(static fn(Goal $goal): array => [$goal->is_main ? 0 : 1, $goal->is_first ? 0 : 1, $goal->id])
                ->map(
                    static fn(Goal $goal): PlannedGoal => new PlannedGoal(
                        $rows[$goal->id],
                        $goal->is_main,
                        $goal->is_first,
                        Gate::forUser($viewer)->allows('update', $goal),
                    ),
                )
                ->all(),
        );
    }
}
