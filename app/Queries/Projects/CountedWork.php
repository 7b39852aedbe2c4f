<?php

declare(strict_types=1);

namespace App\Queries\Projects;

use App\Models\Project;
use App\Models\Task;
use App\Models\Workspace;
use App\Queries\Goals\CoreRecords;
use App\Queries\Goals\StoredTallies;
use App\Queries\Parts\TaskRow;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use Loftrin\Core\Fraction;
use Loftrin\Core\Goals\Figure;
use Loftrin\Core\Goals\Plan;
use Loftrin\Core\Goals\Rollup;
use Loftrin\Core\Work\Project as CoreProject;
use Loftrin\Core\Work\ProjectState;
use stdClass;

/** Many projects without their tasks: the database counts them and finds the next step of each. */
final class CountedWork implements ProjectWork
{
    /** @var array<int, CoreProject> */
    private readonly array $projects;

    private readonly Rollup $rollup;

    /** @var ?Collection<int, Task> by project: the next steps, once they are asked for */
    private ?Collection $next = null;

    /** @param array<int, stdClass> $rows by id: the projects, with what is counted of each */
    private function __construct(private readonly Workspace $workspace, private readonly array $rows)
    {
        $this->projects = array_map(static fn(stdClass $row): CoreProject => CoreRecords::projectOf($row, [], []), $rows);
        $tallies = new StoredTallies(array_map(static fn(CoreProject $project) => $project->weighing, $this->projects), [], []);
        $tallies->prepare([$workspace->today()]);
        $this->rollup = new Rollup(new Plan($workspace->calendar(), [], $this->projects), $tallies);
    }

    /** @param list<int> $projects ids */
    public static function of(Workspace $workspace, array $projects): self
    {
        return new self($workspace, self::count($workspace, Project::query()->whereIntegerInRaw('projects.id', $projects)));
    }

    /** All that are active. */
    public static function ofActive(Workspace $workspace): self
    {
        return new self($workspace, self::count($workspace, Project::query()->where('projects.state', ProjectState::Active)));
    }

    public function progress(int $project): ?Fraction
    {
        return $this->rollup->projectProgress($this->projects[$project], $this->workspace->today());
    }

    public function figure(int $project): ?Figure
    {
        return $this->rollup->projectFigure($this->projects[$project], $this->workspace->today());
    }

    public function isStuck(int $project): bool
    {
        return $this->projects[$project]->state === ProjectState::Active
            && ! $this->isReady($project)
            && $this->rows[$project]->next_id === null
            && (int) $this->rows[$project]->waiting === 0;
    }

    public function isReady(int $project): bool
    {
        return $this->projects[$project]->state === ProjectState::Active && $this->tasks($project) > 0 && $this->open($project) === 0;
    }

    /** Whether it is among those that were counted. */
    public function has(int $project): bool
    {
        return isset($this->rows[$project]);
    }

    /**
     * Looks for the next steps of some of the projects at once, where only those are shown.
     *
     * @param list<int> $shown
     */
    public function lookAhead(array $shown): void
    {
        $this->next = $this->nextSteps($shown);
    }

    public function stuck(): int
    {
        return count(array_filter(array_keys($this->rows), $this->isStuck(...)));
    }

    /** How many of the projects are stuck or ready to close. */
    public function needy(): int
    {
        return $this->stuck() + count(array_filter(array_keys($this->rows), $this->isReady(...)));
    }

    /** @return array<int, int> how many of the projects each person owns, the most first */
    public function byOwner(): array
    {
        $counts = array_count_values(array_map(static fn(stdClass $row): int => (int) $row->owner_id, $this->rows));
        arsort($counts);

        return $counts;
    }

    public function tasks(int $project): int
    {
        return (int) $this->rows[$project]->tasks;
    }

    public function open(int $project): int
    {
        return (int) $this->rows[$project]->open;
    }

    public function next(int $project): ?Task
    {
        $this->next ??= $this->nextSteps(array_keys($this->rows));

        return $this->next->get($project);
    }

    /**
     * @param Builder<Project> $projects
     *
     * @return array<int, stdClass> by id
     */
    private static function count(Workspace $workspace, Builder $projects): array
    {
        $isOpen = 'done_on is null and dropped_on is null and shelved_on is null and created_on <= ?';
        $counts = DB::table('tasks')->whereIn('project_id', (clone $projects)->select('id'))->groupBy('project_id')
            ->selectRaw("project_id, sum(done_on is not null or $isOpen) as tasks, sum($isOpen) as open, sum($isOpen and waiting_on is not null) as waiting", array_fill(0, 3, (string) $workspace->today()));

        return $projects->select(array_map(static fn(string $column): string => "projects.$column", [...CoreRecords::PROJECT, 'owner_id']))
            ->addSelect(['next_id' => Task::query()->doableNow()->whereColumn('project_id', 'projects.id')->orderBy('position')->orderBy('id')->limit(1)->select('id')])
            ->leftJoinSub($counts, 'counted', 'counted.project_id', '=', 'projects.id')
            ->addSelect(['counted.tasks', 'counted.open', 'counted.waiting'])
            ->toBase()->get()->keyBy('id')->all();
    }

    /**
     * @param list<int> $projects
     *
     * @return Collection<int, Task> by project
     */
    private function nextSteps(array $projects): Collection
    {
        $steps = array_map(fn(int $project): int => (int) $this->rows[$project]->next_id, $projects);

        return Task::query()->whereIntegerInRaw('id', $steps)->with(TaskRow::NEEDS)->get()->keyBy('project_id');
    }
}
