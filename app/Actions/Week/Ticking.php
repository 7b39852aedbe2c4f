<?php

declare(strict_types=1);

namespace App\Actions\Week;

use App\Models\Stage;
use App\Models\Task;
use Loftrin\Core\Calendar\Day;

/** The columns that say that a task is done, and where it stands for it in a project whose last stage holds what is done. */
final readonly class Ticking
{
    /** @return array{done_on: ?Day, stage_id?: ?int, stage_before_id?: ?int} */
    public static function columns(Task $task, bool $isDone, Day $today): array
    {
        $last = self::doneStage($task);
        $done = ['done_on' => $isDone ? $task->done_on ?? $today : null];

        return match (true) {
            $last === null || $isDone === ($task->stage_id === $last->id) => $done,
            $isDone => [...$done, 'stage_id' => $last->id, 'stage_before_id' => $task->stage_id],
            default => [...$done, 'stage_id' => $task->stage_before_id, 'stage_before_id' => null],
        };
    }

    /**
     * The same, as it is moved to a stage: into the last one ticks it, out of it unticks it.
     *
     * @return array<string, mixed>
     */
    public static function moved(Task $task, ?int $stage, Day $today): array
    {
        $last = self::doneStage($task);
        $isDone = $last !== null && $stage === $last->id;

        return match (true) {
            $last === null || $isDone === ($task->stage_id === $last->id) => ['stage_id' => $stage],
            $isDone => self::columns($task, true, $today),
            default => ['done_on' => null, 'stage_id' => $stage, 'stage_before_id' => null],
        };
    }

    /** The stage of its project that holds what is done; null where there is none. */
    private static function doneStage(Task $task): ?Stage
    {
        $project = $task->project_id === null ? null : $task->loadMissing('project.stages')->project;

        return $project?->last_is_done === true ? $project->stages->last() : null;
    }
}
