<?php

declare(strict_types=1);

namespace App\Queries\Goals;

use App\Models\Goal;
use App\Models\Person;
use App\Models\Workspace;
use App\Queries\Goals\Answers\ClosedGoal;
use App\Queries\Goals\Answers\ClosingRow;
use App\Queries\Goals\Answers\ClosingView;
use App\Queries\Goals\Answers\GoalRow;
use App\Queries\Goals\Answers\GoalTag;
use App\Queries\Parts\Answers\PeriodTag;
use App\Queries\Plan\OutlinedGoal;
use App\Queries\Plan\StoredPlans;
use App\Store\Question;
use App\Store\Remembered;
use Illuminate\Support\Facades\Gate;
use Loftrin\Core\Calendar\Period;

/** The goals of a period, to be closed in one pass. */
final readonly class ClosingPage
{
    public function __construct(
        private Workspace $workspace,
        private StoredPlans $plans,
        private Remembered $remembered,
        private AboutGoals $about,
        private ClosingOffers $offers,
    ) {
    }

    /** Kept until anything is changed. */
    public function of(Period $period, Person $viewer): ClosingView
    {
        return $this->remembered->of(Question::by($viewer, 'closing', $period->name), fn(): ClosingView => $this->view($period, $viewer));
    }

    private function view(Period $period, Person $viewer): ClosingView
    {
        $calendar = $this->workspace->calendar();
        $today = $this->workspace->today();
        $threads = $this->plans->threads($viewer, $period);
        $stored = $this->plans->beneath($threads->where(static fn(OutlinedGoal $goal): bool => $goal->period === $period->name), $viewer);
        $stored->prepare([$today]);
        $goals = $stored->goals()->where('period', $period->name);
        [$open, $closed] = [$goals->whereNull('closed_on'), $goals->whereNotNull('closed_on')];
        $offers = $this->offers->of($open->load('parent'), $stored, $viewer);
        $successors = Goal::query()
            ->visibleTo($viewer)
            ->whereIn('predecessor_id', $closed->modelKeys())
            ->orderBy('id')
            ->get()
            ->groupBy('predecessor_id');

        return new ClosingView(
            PeriodTag::of($period, $calendar),
            $period->isOverOn($today),
            array_values(
                $open
                    ->map(
                        static fn(Goal $goal): ClosingRow => new ClosingRow(
                            GoalRow::of($goal, $stored, $threads, $today),
                            Gate::forUser($viewer)->allows('update', $goal),
                            $offers[$goal->id],
                        ),
                    )
                    ->all(),
            ),
            array_values(
                $closed
                    ->map(
                        static fn(Goal $goal): ClosedGoal => new ClosedGoal(
                            GoalRow::of($goal, $stored, $threads, $today),
                            $goal->closing_line,
                            array_values($successors->get($goal->id)?->map(GoalTag::of(...))->all() ?? []),
                        ),
                    )
                    ->all(),
            ),
            (string) $calendar->next($calendar->next($calendar->periodOf($period->horizon, $today)))->span->first,
            $this->about->of($viewer, [$period->name]),
        );
    }
}
