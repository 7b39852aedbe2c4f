<?php

declare(strict_types=1);

namespace App\Queries\Reviews;

use App\Models\Contribution;
use App\Models\Person;
use App\Models\Task;
use Loftrin\Core\Calendar\Span;
use Loftrin\Core\Work\Task as CoreTask;

/** What was done for goals in a span, by anybody: the goal's own tasks and those of its projects. */
final readonly class MovingTasks
{
    /** @return array<int, list<string>> titles by goal, the largest first; only of tasks that the viewer may see */
    public function of(Span $span, Person $viewer): array
    {
        $done = Task::query()
            ->visibleTo($viewer)
            ->whereBetween('done_on', [(string) $span->first, (string) $span->last])
            ->where(static fn($either) => $either->whereNotNull('goal_id')->orWhereNotNull('project_id'))
            ->orderByRaw('coalesce(minutes, ?) desc', [CoreTask::USUAL_MINUTES])
            ->orderBy('id')
            ->get(['id', 'title', 'goal_id', 'project_id']);
        $goals = Contribution::query()
            ->whereIn('project_id', $done->pluck('project_id')->filter()->unique())
            ->get()
            ->groupBy('project_id');
        $titles = [];

        foreach ($done as $task) {
            $through = $goals->get((int) $task->project_id)?->map(static fn(Contribution $link): int => $link->goal_id)->all() ?? [];

            foreach ($task->goal_id === null ? $through : [$task->goal_id] as $goal) {
                $titles[$goal][] = $task->title;
            }
        }

        return $titles;
    }
}
