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
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Fraction;
use Loftrin\Core\Goals\Figure;
use Loftrin\Core\Goals\Plan;
use Loftrin\Core\Goals\Rollup;
use Loftrin\Core\Work\Project as CoreProject;
use Loftrin\Core\Work\ProjectState;

/** Many projects without their tasks: the database counts them and finds the next step of each. */
final class CountedWork implements ProjectWork
{
    private readonly Rollup $rollup;

    /** @var ?Collection<int, Task> by project: the next steps, once they are asked for */
    private ?Collection $next = null;

    /**
     * @param Collection<int, Project>                               $records
     * @param array<array-key, CoreProject>                          $projects
     * @param array<int, array{tasks: int, open: int, waiting: int}> $counts   by project
     * @param array<int, true>                                       $doable   projects in which somebody could start on something
     */
    private function __construct(private readonly Workspace $workspace, private readonly Collection $records, private readonly array $projects, private readonly array $counts, private readonly array $doable)
    {
        $tallies = new StoredTallies(array_map(static fn(CoreProject $project) => $project->weighing, $projects), [], []);
        $tallies->prepare([$workspace->today()]);
        $this->rollup = new Rollup(new Plan($workspace->calendar(), [], $projects), $tallies);
    }

    /** @param Collection<int, Project> $records */
    public static function of(Workspace $workspace, Collection $records): self
    {
        $records->loadMissing(['stages', 'servings']);
        $projects = [];

        foreach ($records as $record) {
            $projects[(string) $record->id] = CoreRecords::project($record);
        }

        return new self($workspace, $records, $projects, self::counts($workspace->today(), array_values($records->modelKeys())), self::doable(array_values($records->modelKeys())));
    }

    public function progress(Project $project): ?Fraction
    {
        return $this->rollup->projectProgress($this->projects[(string) $project->id], $this->workspace->today());
    }

    public function figure(Project $project): ?Figure
    {
        return $this->rollup->projectFigure($this->projects[(string) $project->id], $this->workspace->today());
    }

    public function isStuck(Project $project): bool
    {
        return $project->state === ProjectState::Active
            && ! $this->isReady($project)
            && ! isset($this->doable[$project->id])
            && ($this->counts[$project->id]['waiting'] ?? 0) === 0;
    }

    public function isReady(Project $project): bool
    {
        return $project->state === ProjectState::Active && $this->tasks($project) > 0 && $this->open($project) === 0;
    }

    /**
     * Looks for the next steps of some of the projects at once, where only those are shown.
     *
     * @param list<Project> $shown
     */
    public function lookAhead(array $shown): void
    {
        $this->next = self::nextSteps(array_map(static fn(Project $project): int => $project->id, $shown));
    }

    /** How many of the projects are stuck or ready to close. */
    public function needy(): int
    {
        return $this->records->filter(fn(Project $project): bool => $this->isStuck($project) || $this->isReady($project))->count();
    }

    public function tasks(Project $project): int
    {
        return $this->counts[$project->id]['tasks'] ?? 0;
    }

    public function open(Project $project): int
    {
        return $this->counts[$project->id]['open'] ?? 0;
    }

    public function next(Project $project): ?Task
    {
        $this->next ??= self::nextSteps(array_values($this->records->modelKeys()));

        return $this->next->get($project->id);
    }

    /**
     * @param list<array-key> $projects
     *
     * @return array<int, array{tasks: int, open: int, waiting: int}> by project
     */
    private static function counts(Day $today, array $projects): array
    {
        $isOpen = 'done_on is null and dropped_on is null and shelved_on is null and created_on <= ?';
        $rows = DB::table('tasks')->whereIntegerInRaw('project_id', $projects)->groupBy('project_id')
            ->selectRaw("project_id, sum(done_on is not null or $isOpen) as tasks, sum($isOpen) as open, sum($isOpen and waiting_on is not null) as waiting", array_fill(0, 3, (string) $today))->get();
        $counts = [];

        foreach ($rows as $row) {
            $counts[(int) $row->project_id] = ['tasks' => (int) $row->tasks, 'open' => (int) $row->open, 'waiting' => (int) $row->waiting];
        }

        return $counts;
    }

    /**
     * @param list<array-key> $projects
     *
     * @return array<int, true> by project
     */
    private static function doable(array $projects): array
    {
        $found = [];

        foreach (Project::query()->whereIntegerInRaw('id', $projects)->whereHas('tasks', static fn(Builder $task) => $task->doableNow())->toBase()->pluck('id') as $id) {
            $found[is_numeric($id) ? (int) $id : 0] = true;
        }

        return $found;
    }

    /**
     * @param list<array-key> $projects
     *
     * @return Collection<int, Task> by project
     */
    private static function nextSteps(array $projects): Collection
    {
        $ranked = Task::query()->doableNow()->whereIn('project_id', $projects)
            ->select('id')->selectRaw('row_number() over (partition by project_id order by position, id) as place');

        return Task::query()->whereIn('id', DB::query()->fromSub($ranked, 'ranked')->where('place', 1)->select('id'))
            ->with(TaskRow::NEEDS)->get()->keyBy('project_id');
    }
}
