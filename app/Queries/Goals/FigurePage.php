<?php

declare(strict_types=1);

namespace App\Queries\Goals;

use App\Models\Goal;
use App\Models\Person;
use App\Models\Project;
use App\Models\Task;
use App\Models\Workspace;
use App\Queries\Goals\Answers\FigureView;
use App\Queries\Goals\Answers\SumLine;
use App\Queries\Parts\Answers\Gauge;
use App\Queries\Plan\CoreRecords;
use App\Queries\Plan\StoredPlans;
use Illuminate\Database\Eloquent\Builder;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Calendar\Horizon;
use Loftrin\Core\Fraction;
use Loftrin\Core\Goals\Forecaster;
use Loftrin\Core\Goals\Measure\Work;
use Loftrin\Core\Goals\MeasureKind;
use Loftrin\Core\Goals\Plan;
use Loftrin\Core\Goals\Rollup;
use Loftrin\Core\Work\TalliesOfTasks;
use Loftrin\Core\Work\Task as CoreTask;
use Loftrin\Core\Work\TaskShare;
use Loftrin\Core\Work\Weighing;

/** Explains the figure of a goal or a project as of a day. */
final readonly class FigurePage
{
    public function __construct(private Workspace $workspace, private StoredPlans $plans)
    {
    }

    public function ofGoal(Goal $goal, Person $viewer, Day $on): FigureView
    {
        $stored = $this->plans->holding($this->workspace->calendar()->period($goal->period), $viewer);
        $stored->prepare([$on], forecastsOn: $on);
        $core = $stored->core($goal);
        $figure = $stored->figure($goal, $on);
        $forecast = $stored->forecast($goal, $on);
        $seen = $core->closingOn($on)->on ?? $on;
        $sum = new WrittenSum($stored, $seen);
        $own = $core->measure instanceof Work ? self::standingAt($goal) : null;

        return new FigureView(
            title: $goal->title,
            link: route('goals.show', $goal->id, false),
            on: $on,
            gauge: Gauge::ofGoal($goal, $figure, $on, $forecast),
            decided: $sum->decided($goal),
            formula: $sum->formula($goal, $figure),
            sum: $sum->lines($goal),
            tasks: $own === null ? [] : $this->tasks(Weighing::Count, $own, $seen, $core->id),
            tasksFigure: $own === null ? null : $sum->ofTasks($goal)?->times(Fraction::of(100))->rounded(1),
            weighing: $own === null ? null : 'Tasks of the goal count together as one line; each counts the same.',
            expected: PaceWords::expected($core, $stored->rollup->pace, $on),
            gap: PaceWords::gap($figure, $goal->horizon === Horizon::Week),
            forecast: $forecast === null
                ? [(string) ForecastWords::none($goal->measure, $core->closingOn($on) !== null, null)]
                : PaceWords::forecast($forecast, $on),
        );
    }

    public function ofProject(Project $project, Day $on): FigureView
    {
        $core = CoreRecords::project($project->load(['stages', 'contributions']));
        $tasks = Task::query()->where('project_id', $project->id);
        $cores = array_values($tasks->clone()->with(CoreRecords::TASK)->get()->map(CoreRecords::task(...))->all());
        $rollup = new Rollup(
            new Plan($this->workspace->calendar(), [], [$core->id => $core]),
            new TalliesOfTasks([$core->id => $core], [], $cores),
        );
        $figure = $rollup->projectFigure($core, $on);
        $forecast = (new Forecaster($this->workspace->calendar(), $rollup))->ofProject($core, $on);

        return new FigureView(
            title: $project->title,
            link: route('projects.show', $project->id, false),
            on: $on,
            gauge: Gauge::ofProject($project->id, $rollup->projectProgress($core, $on), $figure, $on, $forecast),
            decided: $core->stateOn($on)->value === 'done'
                ? 'It was closed as done and counts as 100%, whatever the state of its tasks.'
                : null,
            formula: null,
            sum: [],
            tasks: $this->tasks($core->weighing, $tasks, $on),
            tasksFigure: $rollup->projectProgress($core, $on)?->times(Fraction::of(100))->rounded(1),
            weighing: $core->weighing === Weighing::Effort
                ? 'Each task counts by its estimated time; one without an estimate counts as the median of the others.'
                : 'Each task counts the same; one with steps counts by the share of steps done.',
            expected: $core->span === null || ! $core->isActiveOn($on)
                ? ['While it is active, a project with a start and a due date has a pace.']
                : [
                    "The share of the working days from {$core->span->first} to {$core->span->last} that lie behind: ".
                    ($figure?->expected?->percent() ?? 0).
                    '%.',
                ],
            gap: $figure === null ? null : PaceWords::gap($figure, false),
            forecast: $figure === null
                ? []
                : [
                    ...$forecast === null
                        ? [(string) ForecastWords::none(MeasureKind::Work, false, null)]
                        : PaceWords::forecast($forecast, $on),
                    'Each week counts what was done of the tasks in the project now.',
                ],
        );
    }

    /**
     * @param Builder<Task> $query
     *
     * @return list<SumLine>
     */
    private function tasks(Weighing $weighing, Builder $query, Day $on, ?string $goal = null): array
    {
        $tasks = $query
            ->with(CoreRecords::TASK)
            ->orderBy('position')
            ->orderBy('id')
            ->get()
            ->keyBy('id');
        [$cores, $came] = self::thereOn($on, array_values($tasks->map(CoreRecords::task(...))->all()), $goal);

        return array_map(
            static fn(TaskShare $share): SumLine => new SumLine(
                title: $tasks[(int) $share->task->id]->title ?? '',
                link: route('tasks.show', $share->task->id, false),
                detail: null,
                weight: $share->leftOut === null ? $share->weight->rounded(1) : 0.0,
                done: $share->leftOut === null ? $share->progress->percent() : null,
                points: $share->points->times(Fraction::of(100))->rounded(1),
                leftOut: $share->leftOut === null ? null : WrittenSum::reason($share->leftOut, $share->since, $on),
            ),
            TaskShare::of($weighing, $cores, $on, $came),
        );
    }

    /** @return Builder<Task> all that stand there, or ever did */
    private static function standingAt(Goal $goal): Builder
    {
        return Task::query()->where(
            static fn(Builder $either) => $either->where('goal_id', $goal->id)->orWhereRelation('stays', 'goal_id', $goal->id),
        );
    }

    /**
     * @param list<CoreTask> $tasks
     * @param ?string $goal at which they are looked at; null for a project, in which all of them are
     *
     * @return array{list<CoreTask>, array<string, Day>} those that stand there on the day, and when they came, if they did not begin there
     */
    private static function thereOn(Day $on, array $tasks, ?string $goal): array
    {
        if ($goal === null) {
            return [$tasks, []];
        }

        [$there, $came] = [[], []];

        foreach ($tasks as $task) {
            foreach ($task->stays as $stay) {
                if ($stay->goal === $goal && $stay->holdsOn($on)) {
                    $there[] = $task;
                    $came += $stay->from === null ? [] : [$task->id => $stay->from];
                }
            }
        }

        return [$there, $came];
    }
}
