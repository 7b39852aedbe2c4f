<?php

declare(strict_types=1);

namespace App\Actions\Week;

use App\Actions\Parts\SeenWork;
use App\Models\Dependency;
use App\Models\Goal;
use App\Models\Helping;
use App\Models\Person;
use App\Models\Project;
use App\Models\Stage;
use App\Models\Stay;
use App\Models\Task;
use App\Models\Visibility;
use App\Models\Workspace;
use App\Store\ChangeLog;
use App\Store\RefusedChange;
use Loftrin\Core\Work\Ordering;

/** Moves a task within its project, or to where else it belongs. */
final readonly class MoveTask
{
    public function __construct(private ChangeLog $log, private Workspace $workspace)
    {
    }

    /**
     * To a stage of its project, before another task of it.
     *
     * @param ?int $stage null for the first, or where there are none
     * @param ?int $before a task of the same project; null to come last
     *
     * @throws RefusedChange when the project has no such stage, or the other task is gone from it
     */
    public function within(Person $who, Task $task, ?int $stage, ?int $before): void
    {
        if ($task->project_id === null) {
            throw new RefusedChange('stage', "“{$task->title}” is not in a project, so it has no stage or order");
        }

        if ($stage !== null && ! Stage::query()->where('project_id', $task->project_id)->whereKey($stage)->exists()) {
            throw new RefusedChange('stage', 'This stage no longer exists.');
        }

        $this->log->change($who, "Moved “{$task->title}”", function () use ($task, $stage, $before): void {
            $others = Task::query()
                ->where('project_id', $task->project_id)
                ->whereKeyNot($task->id)
                ->orderBy('position')
                ->orderBy('id')
                ->get()
                ->keyBy('id');
            $positions = RefusedChange::unless(
                'before',
                static fn() => Ordering::place($others->map(static fn(Task $other): int => $other->position)->all(), $task->id, $before),
            );
            $task->update([
                ...Ticking::moved($task, $stage, $this->workspace->today()),
                'position' => $positions[$task->id],
            ]);

            foreach ($others->only(array_keys($positions)) as $other) {
                $other->update(['position' => $positions[$other->id]]);
            }
        });
    }

    /**
     * To move a task by hand is to correct where it stands; where it stood until it was carried on stays as it is. Back at the goal from
     * which it was carried on, it was there all along. Rules: computation, at its head.
     *
     * @return array<string, mixed> its columns
     */
    private static function goal(Task $task, ?int $goal): array
    {
        $stays = $task->stays()->get();
        $since = $goal === null ? null : $stays->last()?->until_on;
        $touching = $stays->search(static fn(Stay $stay): bool => $stay->goal_id === $goal && (string) $stay->until_on === (string) $since);

        if (is_int($touching)) {
            $since = $stays[$touching]?->since_on;
            $stays->slice($touching)->each(static fn(Stay $stay): ?bool => $stay->delete());
        }

        return ['goal_id' => $goal, 'goal_since' => $since];
    }

    /**
     * To a project, to a goal, or to neither. What it came after stays behind; where not everyone sees the one, they do not see the task.
     *
     * @throws RefusedChange when it would be seen by others than before, or there is no such place
     */
    public function to(Person $who, Task $task, ?int $project, ?int $goal): void
    {
        $target = $project === null ? null : Project::query()->visibleTo($who)->find($project);
        $served = $goal === null ? null : Goal::query()->visibleTo($who)->find($goal);
        $home = $target ?? $served;

        match (true) {
            $project !== null && $goal !== null => throw new RefusedChange('goal', 'A task can belong to a project or a goal, not both.'),
            $project !== null && $target === null => throw new RefusedChange('project', 'This project no longer exists.'),
            $goal !== null && $served === null => throw new RefusedChange('goal', 'This goal no longer exists.'),
            $home?->isHidden() === false && $task->visibility !== Visibility::Everyone => throw new RefusedChange(
                $target === null ? 'goal' : 'project',
                "“{$task->title}” is not visible to everyone, and “{$home->title}” is.",
            ),
            default => null,
        };

        foreach ([$task->owner_id, ...$task->helpings()->get()->map(static fn(Helping $helping): int => $helping->person_id)] as $person) {
            SeenWork::admit($home, $person, $target === null ? 'goal' : 'project');
        }

        $this->log->change($who, "Moved “{$task->title}”".($target === null ? '' : " to “{$target->title}”"), function () use (
            $task,
            $project,
            $goal,
            $home,
        ): void {
            Dependency::query()
                ->where('task_id', $task->id)
                ->orWhere('after_id', $task->id)
                ->get()
                ->each(static fn(Dependency $link): ?bool => $link->delete());
            $task->update([
                'project_id' => $project,
                ...self::goal($task, $goal),
                'visibility' => $home?->visibilityOfTasks() ?? $task->visibility,
                'stage_id' => null,
                'stage_before_id' => null,
                'position' => Task::placeAtEnd($project),
            ]);
        });
    }
}
