<?php

declare(strict_types=1);

namespace App\Queries\Goals;

use App\Models\Checkpoint;
use App\Models\Goal;
use App\Models\Person;
use App\Models\Reading;
use App\Models\Task;
use App\Models\Workspace;
use App\Queries\Direction\OutlookTag;
use App\Queries\Parts\Gauge;
use App\Queries\Parts\PeriodTag;
use App\Queries\Parts\TaskRow;
use Illuminate\Support\Facades\Gate;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Calendar\Horizon;
use Loftrin\Core\Calendar\Span;
use Loftrin\Core\Fraction;
use Loftrin\Core\Goals\MeasureKind;
use Loftrin\Core\Goals\Readiness;
use Loftrin\Core\Work\Project;

/** A goal with its thread, its figure and how it came about, its course, and what can be done for it now. */
final readonly class GoalPage
{
    public function __construct(
        private Workspace $workspace,
        private StoredPlans $plans,
        private Logbook $logbook,
        private Estimates $estimates,
    ) {
    }

    /** @param Day $on the day as of which all is shown; on a past one nothing can be done */
    public function of(Goal $goal, Person $viewer, Day $on): GoalView
    {
        $calendar = $this->workspace->calendar();
        $period = $calendar->period($goal->period);
        $threads = $this->plans->threads($viewer, $period);
        $stored = $this->plans->beneath([$this->root($goal, $threads)], $viewer);
        $days = $this->chartDays($goal, $on);
        $stored->prepare([$on]);
        $stored->prepare(array_values(array_filter($days, static fn(Day $day): bool => ! $day->isAfter($on))), forecastsOn: $on, of: $goal);
        $goal->loadMissing(['owner', 'checkpoints', 'readings.author']);
        $forecast = $stored->forecast($goal, $on);
        $closing = $stored->core($goal)->closingOn($on);
        $sum = new WrittenSum($stored, $closing->on ?? $on);
        $above = $this->above($goal, $stored, $threads, $on);
        [$before, $after] = $this->kin($goal, $viewer);
        $isPast = $on->isBefore($this->workspace->today());
        $followers = $goal->followings()->pluck('person_id');

        return new GoalView(
            GoalRow::of($goal, $stored, $threads, $on, $forecast),
            $goal->why,
            PeriodTag::of($period, $calendar),
            $on,
            $isPast,
            $period->isOverOn($on) ? 0 : $calendar->workingDays(new Span($period->hasBegunOn($on) ? $on : $period->span->first, $period->span->last)),
            ! $isPast && Gate::forUser($viewer)->allows('update', $goal),
            $goal->measure,
            $goal->unit,
            $closing?->on,
            $closing === null ? null : $goal->closing_line,
            $isPast ? null : Readiness::of($stored->core($goal), $stored->rollup, $on),
            $calendar->upcoming($period, $this->workspace->today())->name,
            $before,
            $after,
            $this->outlook($above === [] ? $goal : $stored->goals()->get($above[0]->id)),
            $above,
            array_values($stored->goals()->where('parent_id', $goal->id)->map(static fn(Goal $child): GoalRow => GoalRow::of($child, $stored, $threads, $on))->all()),
            $isPast || $closing !== null ? null : $this->nextStep($goal, $stored, $threads, $viewer),
            $sum->lines($goal),
            $sum->formula($goal, $stored->figure($goal, $on)),
            array_map(fn(Day $day): ChartPoint => $this->point($goal, $stored, $day, $on), $days),
            array_values($goal->checkpoints->map(static fn(Checkpoint $point): ChartPoint => new ChartPoint($point->on, null, CoreRecords::exact($point->fraction)->times(Fraction::of(100))->rounded(1)))->all()),
            ForecastView::of($forecast),
            $goal->measure === MeasureKind::Judged ? null : $this->estimates->of($goal, $viewer, $on, $forecast),
            $this->readings($goal, $on),
            $isPast ? [] : array_values($goal->tasks()->with(TaskRow::NEEDS)->get()->map(fn(Task $task): TaskRow => TaskRow::of($task, $threads, $this->workspace))->all()),
            $this->logbook->of($goal, $viewer, $on),
            $followers->contains($viewer->id),
            $followers->reject($goal->owner_id)->count(),
        );
    }

    /** @return list<ReadingRow> those known on the day, newest first */
    private function readings(Goal $goal, Day $on): array
    {
        return array_values($goal->readings->reverse()->reject(static fn(Reading $reading): bool => $reading->on->isAfter($on))->map(static fn(Reading $reading): ReadingRow => new ReadingRow(
            $reading->id,
            $reading->on,
            Gauge::amount(CoreRecords::exact($reading->value), $goal->unit),
            (string) CoreRecords::exact($reading->value)->rounded(),
            $reading->author->name,
        ))->all());
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
        $root = $goal->id;

        for ($above = $threads->goal($goal->parent_id); $above !== null; $above = $threads->goal($above->parent)) {
            $root = $above->id;
        }

        return $root;
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

    /** @return array{?GoalTag, list<GoalTag>} the goal that it carries on, and those that carry it on, as far as the viewer may see them */
    private function kin(Goal $goal, Person $viewer): array
    {
        $before = $goal->predecessor()->visibleTo($viewer)->first();

        return [
            $before === null ? null : GoalTag::of($before),
            array_values($goal->successors()->visibleTo($viewer)->get()->map(GoalTag::of(...))->all()),
        ];
    }

    private function outlook(?Goal $top): ?OutlookTag
    {
        $outlook = $top?->outlook()->first();

        return $outlook === null ? null : OutlookTag::of($outlook);
    }

    /** @return list<GoalRow> */
    private function above(Goal $goal, StoredPlan $stored, Threads $threads, Day $today): array
    {
        $above = [];

        for ($parent = $stored->goals()->get($goal->parent_id); $parent !== null; $parent = $stored->goals()->get($parent->parent_id)) {
            array_unshift($above, GoalRow::of($parent, $stored, $threads, $today));
        }

        return $above;
    }

    /** The first task of its own or of a project that serves it which somebody could start on now. */
    private function nextStep(Goal $goal, StoredPlan $stored, Threads $threads, Person $viewer): ?TaskRow
    {
        $projects = array_map(static fn(Project $project): string => $project->id, $stored->projectsServing($goal));
        $task = Task::query()->visibleTo($viewer)->doableNow()
            ->where(static fn($either) => $either->where('goal_id', $goal->id)->orWhereIn('project_id', $projects))
            ->with(TaskRow::NEEDS)
            ->orderByRaw('rank is null, rank')->orderByRaw('planned_to is null, planned_to')->orderBy('position')->orderBy('id')
            ->first();

        return $task === null ? null : TaskRow::of($task, $threads, $this->workspace);
    }
}
