<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Models\Contribution;
use App\Models\Project;
use App\Models\RecurringTask;
use App\Models\RecurringTaskContribution;
use App\Models\Stage;
use App\Models\Stay;
use App\Models\Step;
use App\Models\Task;
use App\Models\Workspace;
use App\Queries\Parts\Standing;

/** Projects, recurring tasks and tasks as the plan file writes them. */
final readonly class WrittenWork
{
    public function __construct(private Workspace $workspace)
    {
    }

    /**
     * @param array<mixed> $shown ids of the goals that are written
     *
     * @return array<string, mixed>
     */
    public function recurringTask(RecurringTask $recurringTask, array $shown): array
    {
        return array_filter(
            [
                'id' => Written::id('r', $recurringTask->id),
                'title' => $recurringTask->title,
                'owner' => Written::id('p', $recurringTask->owner_id),
                'rule' => $recurringTask->rule,
                'starts_on' => $recurringTask->starts_on,
                'after_done' =>
                    $recurringTask->after_every === null
                        ? null
                        : ['every' => $recurringTask->after_every, 'unit' => $recurringTask->after_unit],
                'serves' => Written::each(
                    $recurringTask->contributions->whereIn('goal_id', $shown),
                    static fn(RecurringTaskContribution $link): array => [
                        'goal' => Written::id('g', $link->goal_id),
                        'weight' => Written::number($link->weight),
                        ...Written::dates($link),
                    ],
                ),
            ],
            Written::isSaid(...),
        );
    }

    /**
     * @param array<mixed> $shown ids of the goals that are written
     *
     * @return array<string, mixed>
     */
    public function project(Project $project, array $shown): array
    {
        return array_filter(
            [
                'id' => Written::id('pr', $project->id),
                'title' => $project->title,
                'owner' => Written::id('p', $project->owner_id),
                'area' => Written::id('a', $project->area_id),
                'weighing' => $project->weighing,
                'order' => $project->order,
                'stages' => Written::each($project->stages, static fn(Stage $stage): string => $stage->name),
                'serves' => Written::each(
                    $project->contributions->whereIn('goal_id', $shown),
                    static fn(Contribution $link): array => [
                        'goal' => Written::id('g', $link->goal_id),
                        'weight' => Written::number($link->weight),
                        ...Written::dates($link),
                    ],
                ),
                'created_on' => $project->created_on,
                'state' => $project->state,
                'state_on' => $project->state_on,
                'starts_on' => $project->starts_on,
                'due_on' => $project->due_on,
            ],
            Written::isSaid(...),
        );
    }

    /**
     * @param array<mixed> $shown ids of the goals that are written
     *
     * @return array<string, mixed> open tasks stand where they were carried to
     */
    public function task(Task $task, array $shown): array
    {
        $standing = $task->isOpen()
            ? Standing::carriedTo($task->planned, $task->planned_to, $task->carried, $this->workspace)
            : null;

        return array_filter(
            [
                'id' => Written::id('t', $task->id),
                'title' => $task->title,
                'project' => Written::id('pr', $task->project_id),
                'goal' => Written::id('g', $task->goal_id),
                'since' => $task->goal_since,
                'formerly' => Written::each(
                    $task->stays->whereIn('goal_id', $shown),
                    static fn(Stay $stay): array => array_filter(
                        ['goal' => Written::id('g', $stay->goal_id), 'since' => $stay->since_on, 'until' => $stay->until_on],
                        Written::isSaid(...),
                    ),
                ),
                'recurring' => Written::id('r', $task->recurring_task_id),
                'stage' => $task->stage?->name,
                'after' => Written::each($task->dependencies, static fn($link): ?string => Written::id('t', $link->after_id)),
                'owner' => Written::id('p', $task->owner_id),
                'created_on' => $task->created_on,
                'done_on' => $task->done_on,
                'dropped_on' => $task->dropped_on,
                'shelved_on' => $task->shelved_on,
                'due_on' => $task->due_on,
                'planned' => $standing->in ?? $task->planned,
                'waiting_on' => $task->waiting_on,
                'minutes' => $task->minutes,
                'rank' => $task->rank,
                'carried' => ($standing->carried ?? $task->carried),
                'changed_on' => $task->changed_on,
                'steps' => Written::each($task->steps, static fn(Step $step): array => $step->only(['title', 'done_on'])),
            ],
            Written::isSaid(...),
        );
    }
}
