<?php

declare(strict_types=1);

namespace App\Queries\Projects;

use App\Models\Project;
use App\Models\Task;
use App\Models\Workspace;
use App\Queries\Goals\CoreRecords;
use App\Queries\Parts\TaskRow;
use Illuminate\Database\Eloquent\Collection;
use Loftrin\Core\Fraction;
use Loftrin\Core\Goals\Figure;
use Loftrin\Core\Goals\Forecast;
use Loftrin\Core\Goals\Forecaster;
use Loftrin\Core\Goals\Plan;
use Loftrin\Core\Goals\Rollup;
use Loftrin\Core\Work\Doable;
use Loftrin\Core\Work\Project as CoreProject;
use Loftrin\Core\Work\TalliesOfTasks;
use Loftrin\Core\Work\Task as CoreTask;

/** Projects with all their tasks, ready to say what is done, stuck and can be done now. */
final readonly class StoredWork implements ProjectWork
{
    /** @var array<array-key, CoreProject> */
    private array $projects;

    /** @var array<int, list<CoreTask>> by project, in their order */
    private array $byProject;

    private Doable $doable;

    private Rollup $rollup;

    /**
     * @param Collection<int, Project> $records with stages and servings
     * @param Collection<int, Task>    $all     of those projects, with stage, steps and precedences
     */
    public function __construct(private Workspace $workspace, Collection $records, public Collection $all)
    {
        $projects = [];
        $byProject = [];
        $cores = array_values($all->map(CoreRecords::task(...))->all());

        foreach ($records as $record) {
            $projects[(string) $record->id] = CoreRecords::project($record);
        }

        foreach ($cores as $task) {
            $byProject[(int) $task->project][] = $task;
        }

        $this->projects = $projects;
        $this->byProject = $byProject;
        $this->doable = new Doable($projects, $cores, $workspace->today());
        $this->rollup = new Rollup(new Plan($workspace->calendar(), [], $projects), new TalliesOfTasks($projects, [], $cores));
    }

    /** @param Collection<int, Project> $records */
    public static function of(Workspace $workspace, Collection $records): self
    {
        $byId = $records->loadMissing(['stages', 'servings'])->keyBy('id');
        $tasks = Task::query()->whereIn('project_id', $records->modelKeys())->orderBy('position')->orderBy('id')->get()->keyBy('id');
        // What is loaded already is not asked for again, and what has a project has no goal of its own.
        $tasks->each(static fn(Task $task): Task => $task
            ->setRelation('project', $project = $byId->get($task->project_id))
            ->setRelation('stage', $project?->stages->find($task->stage_id))
            ->setRelation('goal', null));

        return new self($workspace, $records, $tasks->load([...array_diff(TaskRow::NEEDS, ['project', 'goal']), 'precedences']));
    }

    public function progress(int $project): ?Fraction
    {
        return $this->rollup->projectProgress($this->core($project), $this->workspace->today());
    }

    public function figure(int $project): ?Figure
    {
        return $this->rollup->projectFigure($this->core($project), $this->workspace->today());
    }

    /** How it will end if it goes on as in its recent weeks; null without a pace, or when it is too early to say. */
    public function forecast(int $project): ?Forecast
    {
        return (new Forecaster($this->workspace->calendar(), $this->rollup))->ofProject($this->core($project), $this->workspace->today());
    }

    public function isStuck(int $project): bool
    {
        return $this->doable->isStuck($this->core($project));
    }

    public function isReady(int $project): bool
    {
        return $this->doable->isReadyToClose($this->core($project));
    }

    public function tasks(int $project): int
    {
        return count($this->inScope($project));
    }

    public function open(int $project): int
    {
        return count(array_filter($this->inScope($project), static fn(Task $task): bool => $task->done_on === null));
    }

    public function next(int $project): ?Task
    {
        return $this->now($project)[0] ?? null;
    }

    /** @return list<Task> those in scope, in their order */
    public function inScope(int $project): array
    {
        $today = $this->workspace->today();

        return $this->records($project, static fn(CoreTask $task): bool => $task->isInScopeOn($today));
    }

    /** @return list<Task> those that somebody could start on, in their order */
    public function now(int $project): array
    {
        return $this->records($project, $this->doable->isNow(...));
    }

    /**
     * @param callable(CoreTask): bool $holds
     *
     * @return list<Task>
     */
    private function records(int $project, callable $holds): array
    {
        $ids = array_map(static fn(CoreTask $task): int => (int) $task->id, array_filter($this->byProject[$project] ?? [], $holds));

        return array_values(array_filter(array_map(fn(int $id): ?Task => $this->all->get($id), $ids)));
    }

    private function core(int $project): CoreProject
    {
        return $this->projects[(string) $project];
    }
}
