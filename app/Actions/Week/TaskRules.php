<?php

declare(strict_types=1);

namespace App\Actions\Week;

use App\Actions\Parts\SeenWork;
use App\Models\Dependency;
use App\Models\Project;
use App\Models\Stage;
use App\Models\Task;
use App\Store\RefusedChange;
use InvalidArgumentException;
use Loftrin\Core\Work\Doable;

/** What holds of every task that is stored, however it came to be so: where it stands, and that no two wait for each other. */
final readonly class TaskRules
{
    /** @throws RefusedChange at the field that breaks a rule */
    public function check(Task $task): void
    {
        $stage = $task->stage_id === null ? null : Stage::query()->with('project.stages')->find($task->stage_id);
        $last = $stage?->project->last_is_done === true ? $stage->project->stages->last()?->id : null;

        match (true) {
            $stage !== null && $stage->project_id !== $task->project_id => throw new RefusedChange(
                'stage',
                "“{$task->title}” would be in a stage of another project.",
            ),
            $last !== null && ($task->stage_id === $last) !== ($task->done_on !== null) && ! $task->isAside() => throw new RefusedChange(
                'stage',
                "“{$task->title}” would be in the wrong stage: the last one means done.",
            ),
            default => null,
        };

        $this->refuseUnseen($task);

        $this->refuseLoop(
            $task,
            array_values($task->dependencies()->get()->map(static fn(Dependency $link): int => $link->after_id)->all()),
        );
    }

    /** A task of a project is seen by those who see the project, its owner among them. */
    private function refuseUnseen(Task $task): void
    {
        $project = $task->project_id === null ? null : Project::query()->findOrFail($task->project_id);

        if ($project !== null && $task->visibility !== $project->visibilityOfTasks()) {
            throw new RefusedChange('project', "“{$task->title}” and “{$project->title}” would not be visible to the same people.");
        }

        SeenWork::admit($project, $task->owner_id, 'owner_id');
    }

    /**
     * @param list<int> $after all that are to be done before it
     *
     * @throws RefusedChange when they would wait for each other in a loop
     */
    public function refuseLoop(Task $task, array $after): void
    {
        $links = Dependency::query()
            ->whereIn('task_id', Task::query()->where('project_id', $task->project_id)->select('id'))
            ->get()
            ->groupBy('task_id')
            ->map(static fn($of): array => array_values($of->map(static fn(Dependency $link): string => (string) $link->after_id)->all()));

        try {
            Doable::refuseLoop([(string) $task->id => array_map(strval(...), $after)] + $links->all());
        } catch (InvalidArgumentException) {
            throw new RefusedChange('after', 'These tasks would depend on each other: one of them depends on this task.');
        }
    }
}
