<?php

declare(strict_types=1);

namespace App\Queries\Projects;

use App\Models\Casts\AsDay;
use App\Models\Project;
use App\Models\Task;
use App\Models\Workspace;
use App\Queries\Goals\CoreRecords;
use App\Queries\Parts\ListedTask;
use Illuminate\Support\Facades\DB;
use Loftrin\Core\Fraction;
use Loftrin\Core\Goals\Figure;
use Loftrin\Core\Goals\Forecast;
use Loftrin\Core\Goals\Forecaster;
use Loftrin\Core\Goals\Plan;
use Loftrin\Core\Goals\Rollup;
use Loftrin\Core\Work\Doable;
use Loftrin\Core\Work\Lifetime;
use Loftrin\Core\Work\Project as CoreProject;
use Loftrin\Core\Work\TalliesOfTasks;
use Loftrin\Core\Work\Task as CoreTask;

/** A project with all its tasks, ready to say what is done, stuck and can be done now. */
final readonly class StoredWork implements ProjectWork
{
    /** @var array<array-key, CoreProject> */
    private array $projects;

    private Doable $doable;

    private Rollup $rollup;

    /**
     * @param Project $project with its stages and contributions
     * @param array<int, ListedTask> $all its tasks, by id, in their order
     * @param array<int, CoreTask> $cores the same
     */
    private function __construct(private Workspace $workspace, Project $project, public array $all, private array $cores)
    {
        $this->projects = [(string) $project->id => CoreRecords::project($project)];
        $this->doable = new Doable($this->projects, array_values($cores), $workspace->today());
        $this->rollup = new Rollup(
            new Plan($workspace->calendar(), [], $this->projects),
            new TalliesOfTasks($this->projects, [], array_values($cores)),
        );
    }

    public static function of(Workspace $workspace, Project $project): self
    {
        $project->loadMissing(['stages', 'contributions']);
        $of = Task::query()->where('project_id', $project->id);
        $listed = array_column(ListedTask::all($of->clone()->orderBy('position')->orderBy('id')), null, 'id');
        $steps = $after = [];

        foreach (
            DB::table('steps')
                ->whereIn('task_id', $of->clone()->select('id')->toBase())
                ->orderBy('position')
                ->orderBy('id')
                ->get(['task_id', 'done_on']) as $step
        ) {
            $steps[(int) $step->task_id][] = AsDay::read($step->done_on);
        }

        foreach (
            DB::table('dependencies')
                ->whereIn('task_id', $of->clone()->select('id')->toBase())
                ->orderBy('id')
                ->get(['task_id', 'after_id']) as $link
        ) {
            $after[(int) $link->task_id][] = (string) $link->after_id;
        }

        $stages = $project->stages->pluck('name', 'id')->all();

        return new self(
            $workspace,
            $project,
            $listed,
            array_map(
                static fn(ListedTask $task): CoreTask => new CoreTask(
                    (string) $task->id,
                    (string) $project->id,
                    stage: is_string($stages[$task->stage_id ?? 0] ?? null) ? $stages[$task->stage_id ?? 0] : null,
                    life: new Lifetime($task->created_on, $task->done_on, $task->dropped_on, $task->shelved_on),
                    minutes: $task->minutes === null ? null : Fraction::of($task->minutes),
                    steps: $steps[$task->id] ?? [],
                    after: $after[$task->id] ?? [],
                    waits: ($task->waiting_on ?? '') !== '',
                ),
                $listed,
            ),
        );
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
        return count($this->inScope());
    }

    public function open(int $project): int
    {
        return count(array_filter($this->inScope(), static fn(ListedTask $task): bool => $task->done_on === null));
    }

    public function next(int $project): ?ListedTask
    {
        return $this->now()[0] ?? null;
    }

    /** @return list<ListedTask> those in scope, in their order */
    public function inScope(): array
    {
        $today = $this->workspace->today();

        return $this->those(static fn(CoreTask $task): bool => $task->life->isInScopeOn($today));
    }

    /** @return list<ListedTask> those that somebody could start on, in their order */
    public function now(): array
    {
        return $this->those($this->doable->isNow(...));
    }

    /**
     * @param callable(CoreTask): bool $holds
     *
     * @return list<ListedTask>
     */
    private function those(callable $holds): array
    {
        return array_values(array_intersect_key($this->all, array_filter($this->cores, $holds)));
    }

    private function core(int $project): CoreProject
    {
        return $this->projects[(string) $project];
    }
}
