<?php

declare(strict_types=1);

namespace App\Queries\Projects;

use App\Models\Casts\AsDay;
use App\Models\Project;
use App\Models\Relations\CanStart;
use App\Models\Task;
use App\Models\Workspace;
use App\Queries\Parts\ListedTask;
use App\Queries\Plan\CoreRecords;
use Illuminate\Support\Facades\DB;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Fraction;
use Loftrin\Core\Goals\Forecast;
use Loftrin\Core\Goals\Forecaster;
use Loftrin\Core\Goals\Plan;
use Loftrin\Core\Goals\Rollup;
use Loftrin\Core\Work\Lifetime;
use Loftrin\Core\Work\Project as CoreProject;
use Loftrin\Core\Work\ProjectCondition;
use Loftrin\Core\Work\TalliesOfTasks;
use Loftrin\Core\Work\Task as CoreTask;

/** A project with all its tasks. */
final readonly class StoredWork
{
    public ProjectFacts $facts;

    /** How it will end if it goes on as in its recent weeks; null without a pace, or when it is too early to say. */
    public ?Forecast $forecast;

    /**
     * @param array<int, ListedTask> $all its tasks, by id, in their order
     * @param list<ListedTask> $inScope
     * @param list<ListedTask> $now those that somebody could start on, in their order
     */
    private function __construct(
        CoreProject $core,
        Rollup $rollup,
        Workspace $workspace,
        int $owner,
        bool $couldStart,
        public array $all,
        public array $inScope,
        public array $now,
    ) {
        $today = $workspace->today();
        $open = count(array_filter($inScope, static fn(ListedTask $task): bool => $task->done_on === null));
        $this->forecast = (new Forecaster($workspace->calendar(), $rollup))->ofProject($core, $today);
        $this->facts = new ProjectFacts(
            owner: $owner,
            progress: $rollup->projectProgress($core, $today),
            figure: $rollup->projectFigure($core, $today),
            tasks: count($inScope),
            open: $open,
            condition: ProjectCondition::of($core, count($inScope), $open, $couldStart, $today),
            next: $now[0]->id ?? null,
        );
    }

    public static function of(Workspace $workspace, Project $project): self
    {
        $project->loadMissing(['stages', 'contributions']);
        $today = $workspace->today();
        $core = CoreRecords::project($project);
        $listed = array_column(
            ListedTask::all(Task::query()->where('project_id', $project->id)->orderBy('position')->orderBy('id')),
            null,
            'id',
        );
        $cores = self::cores($project, $listed);
        $startable = self::startable($project, $today);
        $those = static fn(callable $holds): array => array_values(array_filter($listed, $holds));

        return new self(
            $core,
            new Rollup(
                new Plan($workspace->calendar(), [], [$core->id => $core]),
                new TalliesOfTasks([$core->id => $core], [], array_values($cores)),
            ),
            $workspace,
            owner: $project->owner_id,
            couldStart: $startable !== [],
            all: $listed,
            inScope: $those(static fn(ListedTask $task): bool => $cores[$task->id]->life->isInScopeOn($today)),
            now: $those(static fn(ListedTask $task): bool => $startable[$task->id] ?? false),
        );
    }

    /** @return array<int, bool> whether somebody could start now on each task that could be started but for waiting */
    private static function startable(Project $project, Day $today): array
    {
        return Task::query()
            ->where('project_id', $project->id)
            ->whereRaw((new CanStart($today))->butForWaiting())
            ->pluck('waiting_on', 'id')
            ->map(static fn(mixed $waiting): bool => $waiting === null)
            ->all();
    }

    /**
     * @param array<int, ListedTask> $listed
     *
     * @return array<int, CoreTask>
     */
    private static function cores(Project $project, array $listed): array
    {
        $steps = [];

        foreach (
            DB::table('steps')
                ->whereIn('task_id', Task::query()->where('project_id', $project->id)->select('id')->toBase())
                ->orderBy('position')
                ->orderBy('id')
                ->get(['task_id', 'done_on']) as $step
        ) {
            $steps[(int) $step->task_id][] = AsDay::read($step->done_on);
        }

        return array_map(
            static fn(ListedTask $task): CoreTask => new CoreTask(
                (string) $task->id,
                (string) $project->id,
                life: new Lifetime($task->created_on, $task->done_on, $task->dropped_on, $task->shelved_on),
                minutes: $task->minutes === null ? null : Fraction::of($task->minutes),
                steps: $steps[$task->id] ?? [],
            ),
            $listed,
        );
    }
}
