<?php

declare(strict_types=1);

namespace App\Queries\Plan;

use App\Models\Goal as GoalRecord;
use App\Models\Person;
use App\Models\Project as ProjectRecord;
use App\Models\Workspace;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
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
use stdClass;

/**
 * A year's goals with all that serves them, ready to be rolled up as of any day. The figures are made of all that
 * counts and are the same for every reader; only what the viewer may see is there to be shown.
 */
final class StoredPlan
{
    public readonly Rollup $rollup;

    private readonly Forecaster $forecaster;

    private readonly StoredTallies $tallies;

    /** @var ?Collection<int, GoalRecord> the goals that the viewer may see, once they are asked for */
    private ?Collection $goals = null;

    /**
     * @param list<int> $seen ids of the goals that the viewer may see, in their order
     * @param list<int> $seenProjects likewise of the projects
     */
    private function __construct(
        public readonly ?Person $viewer,
        public readonly Plan $plan,
        private readonly array $seen,
        private readonly array $seenProjects,
    ) {
        $counts = array_filter($plan->goals, static fn(Goal $goal): bool => $goal->measure instanceof Count);
        $weighings = array_map(static fn(Project $project): Weighing => $project->weighing, $plan->projects);
        $this->tallies = new StoredTallies($weighings, WorkLinks::ids(array_keys($plan->goals)), WorkLinks::ids(array_keys($counts)));
        $this->rollup = new Rollup($plan, $this->tallies);
        $this->forecaster = new Forecaster($plan->calendar, $this->rollup);
    }

    /** @param ?Person $viewer null for what everyone may see */
    public static function ofYear(Workspace $workspace, ?Person $viewer, Period $year): self
    {
        return self::load(
            $workspace,
            $viewer,
            static fn(Builder $goals) => $goals->whereBetween('anchor_on', [(string) $year->span->first, (string) $year->span->last]),
        );
    }

    /**
     * Only what the figures of a few goals rest on: they, and all that hangs beneath them.
     *
     * @param list<int> $goals ids
     */
    public static function beneath(Workspace $workspace, ?Person $viewer, array $goals): self
    {
        $holds = Beneath::holds('goals.id', count($goals));

        return self::load($workspace, $viewer, static fn(Builder $query) => $query->whereRaw($holds, $goals));
    }

    /** @param callable(Builder<GoalRecord>): Builder<GoalRecord> $which */
    private static function load(Workspace $workspace, ?Person $viewer, callable $which): self
    {
        $records = new CoreRecords($workspace->calendar());
        $rows = $which(GoalRecord::query())
            ->toBase()
            ->orderBy('anchor_on')
            ->orderBy('id')
            ->select([...CoreRecords::GOAL, ...SeenGoals::COLUMNS])
            ->selectRaw(CoreRecords::CARRIES)
            ->get()
            ->keyBy('id')
            ->all();
        $of = array_keys($rows);
        $checkpoints = self::byKey('checkpoints', 'goal_id', $of, 'on', CoreRecords::checkpoint(...));
        $readings = self::byKey('readings', 'goal_id', $of, 'on', CoreRecords::reading(...));
        $served = DB::table('projects')
            ->orderBy('id')
            ->whereIn('id', DB::table('contributions')->whereIntegerInRaw('goal_id', $of)->select('project_id'))
            ->get([...CoreRecords::PROJECT, 'visibility', 'counts_unnamed'])
            ->keyBy('id')
            ->all();
        $contributions = self::byKey('contributions', 'project_id', array_keys($served), 'id', CoreRecords::contribution(...));
        $seen = new SeenGoals($rows);
        $projects = new Audiences(ProjectRecord::class, $served);
        $parents = $seen->parents();
        $goal = static fn(stdClass $row): Goal => $records->goalOf($row, $parents[(int) $row->id], $checkpoints[(int) $row->id] ?? []);

        return new self(
            $viewer,
            new Plan(
                $workspace->calendar(),
                array_map($goal, $rows),
                array_map(
                    static fn(stdClass $row): Project => CoreRecords::projectOf(
                        $row,
                        [],
                        $seen->counting($row, $projects, $contributions[(int) $row->id] ?? []),
                    ),
                    $served,
                ),
                $readings,
            ),
            array_keys($seen->by($viewer)),
            array_keys($projects->seenBy($viewer)),
        );
    }

    /**
     * @template T
     *
     * @param list<int> $keys
     * @param callable(stdClass): T $read
     *
     * @return array<int, list<T>>
     */
    private static function byKey(string $table, string $column, array $keys, string $order, callable $read): array
    {
        $found = [];

        foreach ($keys === [] ? [] : DB::table($table)->whereIntegerInRaw($column, $keys)->orderBy($order)->orderBy('id')->get() as $row) {
            $found[(int) $row->$column][] = $read($row);
        }

        return $found;
    }

    /** @return Collection<int, GoalRecord> the goals that the viewer may see, by id, in the order of their periods */
    public function goals(): Collection
    {
        return $this->goals ??= GoalRecord::query()
            ->whereIntegerInRaw('id', $this->seen)
            ->with('owner')
            ->orderBy('anchor_on')
            ->orderBy('id')
            ->get()
            ->keyBy('id');
    }

    /**
     * @param ?list<int> $only ids of those asked for; null for all
     *
     * @return array<int, ListedGoal> the goals that the viewer may see, likewise, as far as they are only shown
     */
    public function listed(?array $only = null): array
    {
        return ListedGoal::all($only === null ? $this->seen : array_values(array_intersect($this->seen, $only)));
    }

    /** Whether the viewer may see the goal. */
    public function shows(int $goal): bool
    {
        return in_array($goal, $this->seen, true);
    }

    /** Whether the viewer may see the project. */
    public function showsProject(int $project): bool
    {
        return in_array($project, $this->seenProjects, true);
    }

    /** @return list<Project> those that serve a goal, as far as the viewer may see them */
    public function projectsContributingTo(GoalRecord $goal): array
    {
        return array_values(
            array_filter(
                array_map(
                    static fn(array $contribution): Project => $contribution[0],
                    $this->plan->projectsContributingTo($this->core($goal)),
                ),
                fn(Project $project): bool => $this->showsProject((int) $project->id),
            ),
        );
    }

    /**
     * Fetches at once what figures as of those days rest on, and what forecasts as of one day look back on.
     *
     * @param list<Day> $days
     * @param ?GoalRecord $of whose figures alone are asked for; null for those of all goals
     */
    public function prepare(array $days, ?Day $forecastsOn = null, ?GoalRecord $of = null): void
    {
        $lookedAt = $forecastsOn === null ? [] : $this->forecaster->daysLookedAt($forecastsOn);
        $needed = new NeededTallies($this->plan);
        $this->tallies->fetch($needed->of($days, $forecastsOn, $lookedAt, $of === null ? null : $this->core($of)));
    }

    /** @return array<array-key, Goal> what the viewer may see of the plan, by id */
    public function visible(): array
    {
        return array_intersect_key($this->plan->goals, array_flip($this->seen));
    }

    public function core(GoalRecord|ListedGoal $goal): Goal
    {
        return $this->plan->goals[(string) $goal->id];
    }

    public function figure(GoalRecord|ListedGoal $goal, Day $on): Figure
    {
        return $this->rollup->figure($this->core($goal), $on);
    }

    /** For who looks at its own period as a whole: with its result, whenever it was closed. */
    public function figureOfPeriod(GoalRecord|ListedGoal $goal, Day $on): Figure
    {
        return $this->rollup->figureOfPeriod($this->core($goal), $on);
    }

    public function forecast(GoalRecord $goal, Day $on): ?Forecast
    {
        return $this->forecaster->of($this->core($goal), $on);
    }

    /**
     * The project's tasks in scope on the day, weighed.
     *
     * @param ?Day $from only what was left of them on that day
     */
    public function tally(Project $project, Day $on, ?Day $from = null): Tally
    {
        $tally = $this->tallies->ofProject($project->id, $on);

        return $from === null ? $tally : $tally->beyond($this->tallies->ofProject($project->id, $on, $from));
    }
}
