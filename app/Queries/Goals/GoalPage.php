<?php

declare(strict_types=1);

namespace App\Queries\Goals;

use App\Models\Checkpoint;
use App\Models\Contribution;
use App\Models\Goal;
use App\Models\LongTermGoal;
use App\Models\Person;
use App\Models\Reading;
use App\Models\Task;
use App\Models\Workspace;
use App\Queries\Goals\Answers\ChartPoint;
use App\Queries\Goals\Answers\FollowedBy;
use App\Queries\Goals\Answers\ForecastView;
use App\Queries\Goals\Answers\GoalTag;
use App\Queries\Goals\Answers\GoalView;
use App\Queries\Goals\Answers\LongTermGoalTag;
use App\Queries\Goals\Answers\ReadingRow;
use App\Queries\Parts\Answers\Gauge;
use App\Queries\Parts\Answers\PeriodTag;
use App\Queries\Parts\Answers\PersonTag;
use App\Queries\Parts\Answers\TaskRow;
use App\Queries\Parts\ReturnsOf;
use App\Queries\Plan\Beneath;
use App\Queries\Plan\CoreRecords;
use App\Queries\Plan\StoredPlans;
use App\Queries\Plan\Threads;
use App\Store\Question;
use App\Store\Remembered;
use Illuminate\Support\Facades\Gate;
use Loftrin\Core\Calendar\Calendar;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Calendar\Period;
use Loftrin\Core\Calendar\Span;
use Loftrin\Core\Fraction;
use Loftrin\Core\Goals\MeasureKind;

/** A goal with its thread, its figure and how it came about, its course, and what can be done for it now. */
final readonly class GoalPage
{
    public function __construct(
        private Workspace $workspace,
        private StoredPlans $plans,
        private GoalCourse $course,
        private GoalHistory $history,
        private Estimates $estimates,
        private GoalPartsOf $parts,
        private ClosingOffers $offers,
        private Remembered $remembered,
    ) {
    }

    /** @param Day $on the day as of which all is shown; on a past one nothing can be done */
    public function of(Goal $goal, Person $viewer, Day $on): GoalView
    {
        return $this->remembered->of(
            Question::by($viewer, 'goal', $goal->id, $on),
            fn(): GoalView => $this->workOut($goal, $viewer, $on),
        );
    }

    private function workOut(Goal $goal, Person $viewer, Day $on): GoalView
    {
        $calendar = $this->workspace->calendar();
        $period = $calendar->period($goal->period);
        $threads = $this->plans->threads($viewer, $period);
        $figures = $this->course->of($goal, $viewer, $on);
        $goal->loadMissing(['owner', 'checkpoints', 'readings.author']);
        $closedOn = $goal->closed_on === null || $goal->closed_on->isAfter($on) ? null : $goal->closed_on;
        $isPast = $on->isBefore($this->workspace->today());
        $mayChange = ! $isPast && Gate::forUser($viewer)->allows('update', $goal);

        return new GoalView(
            goal: $figures->row,
            why: $goal->why,
            period: PeriodTag::of($period, $calendar),
            on: $on,
            isPast: $isPast,
            daysLeft: self::daysLeft($period, $on, $calendar),
            mayChange: $mayChange,
            measure: $goal->measure,
            unit: $goal->unit,
            closedOn: $closedOn,
            closingLine: $closedOn === null ? null : $goal->closing_line,
            rest: $closedOn === null ? null : $goal->rest,
            ready: $isPast ? null : $figures->ready,
            closing: $mayChange && $closedOn === null ? $this->offers->of([$goal], $figures->plan, $viewer)[$goal->id] : null,
            predecessor: $this->predecessor($goal, $viewer),
            successors: array_values($goal->successors()->visibleTo($viewer)->get()->map(GoalTag::of(...))->all()),
            longTermGoal: $this->longTermGoal($figures->above[0]->id ?? $goal->id),
            above: $figures->above,
            beneath: $figures->beneath,
            nextStep: $isPast || $closedOn !== null ? null : $this->nextStep($goal, $threads, $viewer),
            sum: $figures->sum,
            decided: $figures->decided,
            formula: $figures->formula,
            lag: $figures->lag,
            noForecast: ForecastWords::none($goal->measure, $closedOn !== null, $figures->forecast),
            chart: $figures->chart,
            checkpoints: self::checkpoints($goal),
            forecast: ForecastView::of($figures->forecast, $figures->row->gauge, $on),
            estimate: $goal->measure === MeasureKind::Judged ? null : $this->estimates->of($goal, $viewer, $on, $figures->forecast),
            parts: $isPast ? null : $this->parts->goal($goal, $viewer),
            people: PersonTag::all(),
            readings: $this->readings($goal, $on),
            tasks: $isPast ? [] : TaskRow::all($goal->tasks()->getQuery(), $threads, $this->workspace),
            history: $this->history->of($goal, $viewer, $on),
            followedBy: FollowedBy::of($goal, $viewer),
            returns: ReturnsOf::of($goal, $viewer),
        );
    }

    /** How many working days of the period are left, the day included. */
    private static function daysLeft(Period $period, Day $on, Calendar $calendar): int
    {
        return $period->isOverOn($on)
                ? 0
                : $calendar->workingDays(new Span($period->hasBegunOn($on) ? $on : $period->span->first, $period->span->last));
    }

    /** @return list<ChartPoint> */
    private static function checkpoints(Goal $goal): array
    {
        return array_values(
            $goal->checkpoints
                ->map(
                    static fn(Checkpoint $point): ChartPoint => new ChartPoint(
                        $point->on,
                        null,
                        CoreRecords::exact($point->fraction)->times(Fraction::of(100))->rounded(1),
                    ),
                )
                ->all(),
        );
    }

    /** @return list<ReadingRow> those known on the day, newest first */
    private function readings(Goal $goal, Day $on): array
    {
        return array_values(
            $goal->readings
                ->reverse()
                ->reject(static fn(Reading $reading): bool => $reading->on->isAfter($on))
                ->map(
                    static fn(Reading $reading): ReadingRow => new ReadingRow(
                        $reading->id,
                        $reading->on,
                        Gauge::amount(CoreRecords::exact($reading->value), $goal->unit),
                        (string) CoreRecords::exact($reading->value)->rounded(),
                        $reading->author->name,
                    ),
                )
                ->all(),
        );
    }

    private function predecessor(Goal $goal, Person $viewer): ?GoalTag
    {
        $before = $goal->predecessor_id === null ? null : $goal->predecessor()->visibleTo($viewer)->first();

        return $before === null ? null : GoalTag::of($before);
    }

    /** On which the goal at the top of the thread hangs. */
    private function longTermGoal(int $top): ?LongTermGoalTag
    {
        $longTermGoal = LongTermGoal::query()
            ->whereIn('id', Goal::query()->whereKey($top)->select('long_term_goal_id'))
            ->first();

        return $longTermGoal === null ? null : LongTermGoalTag::of($longTermGoal);
    }

    /** The first task for it or for a goal beneath it, or of a project that serves one of them, which somebody could start on now. */
    private function nextStep(Goal $goal, Threads $threads, Person $viewer): ?TaskRow
    {
        $next = Task::query()
            ->visibleTo($viewer)
            ->canStart($this->workspace->today())
            ->where(
                static fn($either) => $either
                    ->whereRaw(Beneath::holds('goal_id'), [$goal->id])
                    ->orWhereIn(
                        'project_id',
                        Contribution::query()->whereRaw(Beneath::holds('goal_id'), [$goal->id])->select('project_id'),
                    ),
            )
            ->orderByRaw('rank is null, rank')
            ->orderByRaw('planned_to is null, planned_to')
            ->orderBy('position')
            ->orderBy('id')
            ->limit(1);

        return TaskRow::all($next, $threads, $this->workspace)[0] ?? null;
    }
}
