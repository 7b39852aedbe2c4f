<?php

declare(strict_types=1);

namespace App\Queries\Goals;

use App\Models\Goal as GoalRecord;
use App\Models\Person;
use App\Models\Project as ProjectRecord;
use App\Models\Serving;
use App\Models\Workspace;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Calendar\Period;
use Loftrin\Core\Goals\Figure;
use Loftrin\Core\Goals\Forecast;
use Loftrin\Core\Goals\Forecaster;
use Loftrin\Core\Goals\Goal;
use Loftrin\Core\Goals\Measure\Count;
use Loftrin\Core\Goals\Plan;
use Loftrin\Core\Goals\Rollup;
use Loftrin\Core\Work\Project;
use Loftrin\Core\Work\Tally;
use Loftrin\Core\Work\Weighing;

/**
 * A year's goals with all that serves them, ready to be rolled up as of any day. The figures are made of all that
 * counts and are the same for every reader; only what the viewer may see is there to be shown.
 */
final readonly class StoredPlan
{
    public Plan $plan;

    public Rollup $rollup;

    private Forecaster $forecaster;

    private StoredTallies $tallies;

    /**
     * @param Collection<int, GoalRecord>    $all      by id
     * @param Collection<int, GoalRecord>    $goals    by id: those of them that the viewer may see
     * @param Collection<int, ProjectRecord> $projects by id: those that serve one of all goals
     */
    private function __construct(
        public Workspace $workspace,
        public ?Person $viewer,
        Collection $all,
        public Collection $goals,
        public Collection $projects,
    ) {
        $calendar = $workspace->calendar();
        $records = new CoreRecords($calendar);
        $cores = [];
        $served = [];
        $readings = [];

        $parents = Outline::parents($all);

        foreach ($all as $goal) {
            $cores[(string) $goal->id] = $records->goal($goal, $parents[$goal->id]);
            $readings[(string) $goal->id] = array_values($goal->readings->map(CoreRecords::reading(...))->all());
        }

        foreach ($projects as $project) {
            $served[(string) $project->id] = CoreRecords::project($project);
        }

        $this->plan = new Plan($calendar, $cores, $served, $readings);
        $this->tallies = new StoredTallies(
            array_map(static fn(Project $project): Weighing => $project->weighing, $served),
            array_map(strval(...), array_keys($cores)),
            array_values(array_map(
                static fn(Goal $goal): string => $goal->id,
                array_filter($cores, static fn(Goal $goal): bool => $goal->measure instanceof Count),
            )),
        );
        $this->rollup = new Rollup($this->plan, $this->tallies);
        $this->forecaster = new Forecaster($calendar, $this->rollup);
    }

    /** @param ?Person $viewer null for what everyone may see */
    public static function ofYear(Workspace $workspace, ?Person $viewer, Period $year): self
    {
        return self::load($workspace, $viewer, static fn(Builder $goals) => $goals->whereBetween('anchor_on', [(string) $year->span->first, (string) $year->span->last]));
    }

    /**
     * Only what the figures of a few goals rest on: they, and all that hangs beneath them.
     *
     * @param list<int> $goals ids
     */
    public static function beneath(Workspace $workspace, ?Person $viewer, array $goals): self
    {
        $conditions = implode(' or ', array_fill(0, max(1, count($goals)), Beneath::holds('goals.id')));

        return self::load($workspace, $viewer, static fn(Builder $query) => $query->whereRaw("($conditions)", $goals === [] ? [0] : $goals));
    }

    /** @param callable(Builder<GoalRecord>): Builder<GoalRecord> $which */
    private static function load(Workspace $workspace, ?Person $viewer, callable $which): self
    {
        $all = $which(GoalRecord::query())
            ->with(['checkpoints', 'readings', 'owner', 'admissions.circle.memberships'])
            ->orderBy('anchor_on')->orderBy('id')
            ->get()->keyBy('id');
        $projects = ProjectRecord::query()
            ->whereIn('id', Serving::query()->whereIn('goal_id', $which(GoalRecord::query())->select('id'))->select('project_id'))
            ->with(['stages', 'servings', 'owner'])
            ->orderBy('id')
            ->get()->keyBy('id');

        return new self($workspace, $viewer, $all, Outline::visible($all, $viewer), $projects);
    }

    /**
     * Fetches at once what figures as of those days rest on, and what forecasts as of one day look back on.
     *
     * @param list<Day>   $days
     * @param ?GoalRecord $of   whose figures alone are asked for; null for those of all goals
     */
    public function prepare(array $days, ?Day $forecastsOn = null, ?GoalRecord $of = null): void
    {
        [$projects, $goals] = $of === null
            ? [self::ids($this->plan->projects), self::ids($this->plan->goals)]
            : $this->restsOn($this->core($of));
        $wanted = array_map(
            static fn(Day $day): array => [$day, $projects, $goals],
            [...$days, ...($forecastsOn === null ? [] : $this->forecaster->daysLookedAt($forecastsOn))],
        );

        // A goal that was closed without a decided figure is still computed as of that day.
        foreach ($this->plan->goals as $goal) {
            if ($goal->closing !== null && $goal->closing->decided() === null) {
                $wanted[] = [$goal->closing->on, ...$this->restsOn($goal)];
            }
        }

        $this->tallies->fetch($wanted);
    }

    /**
     * @param array<array-key, mixed> $byId
     *
     * @return list<int>
     */
    private static function ids(array $byId): array
    {
        return array_map(intval(...), array_keys($byId));
    }

    /** @return array{list<int>, list<int>} ids of the projects and goals that its figure rests on, its own among them */
    private function restsOn(Goal $goal): array
    {
        $projects = array_map(static fn(array $serving): int => (int) $serving[0]->id, $this->plan->projectsServing($goal));
        $goals = [(int) $goal->id];

        foreach ($this->plan->childrenOf($goal) as $child) {
            [$itsProjects, $itsGoals] = $this->restsOn($child);
            $projects = [...$projects, ...$itsProjects];
            $goals = [...$goals, ...$itsGoals];
        }

        return [$projects, $goals];
    }

    /** @return array<array-key, Goal> what the viewer may see of the plan, by id */
    public function visible(): array
    {
        return array_intersect_key($this->plan->goals, $this->goals->all());
    }

    public function core(GoalRecord $goal): Goal
    {
        return $this->plan->goals[(string) $goal->id];
    }

    public function figure(GoalRecord $goal, Day $on): Figure
    {
        return $this->rollup->figure($this->core($goal), $on);
    }

    public function forecast(GoalRecord $goal, Day $on): ?Forecast
    {
        return $this->forecaster->of($this->core($goal), $on);
    }

    /** The project's tasks in scope on the day, weighed. */
    public function tally(Project $project, Day $on): Tally
    {
        return $this->tallies->ofProject($project->id, $on);
    }
}
