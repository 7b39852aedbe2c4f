<?php

declare(strict_types=1);

namespace App\Actions\Goals;

use App\Models\Contribution;
use App\Models\Goal;
use App\Models\RecurringTaskContribution;
use App\Models\Stay;
use App\Models\Task;
use App\Models\Workspace;
use Illuminate\Database\Eloquent\Builder;
use Loftrin\Core\Work\ProjectState;

/**
 * Brings the work of a goal over to one that carries it on, as of today: the old links end, the new ones begin, and where things stood
 * until now stays as it was. Rules: computation, at its head.
 */
final readonly class BringWork
{
    public function __construct(private Workspace $workspace)
    {
    }

    /** Its open tasks and its recurring tasks. */
    public function tasks(Goal $from, Goal $to): void
    {
        foreach (Task::query()->where('goal_id', $from->id)->whereNull('done_on')->whereNull('dropped_on')->get() as $task) {
            $this->task($task, $to);
        }

        $running = static fn(Builder $recurringTask) => $recurringTask->whereNull('ended_on');

        $links = RecurringTaskContribution::query()->current()->where('goal_id', $from->id)->whereHas('recurringTask', $running);

        foreach ($links->get() as $link) {
            $this->link($link, $to);
        }
    }

    /** Its open projects. */
    public function projects(Goal $from, Goal $to): void
    {
        $open = static fn(Builder $project) => $project->whereIn('state', ProjectState::OPEN);

        foreach (Contribution::query()->current()->where('goal_id', $from->id)->whereHas('project', $open)->get() as $link) {
            $this->link($link, $to);
        }
    }

    public function task(Task $task, Goal $to): void
    {
        if ($task->goal_id === null) {
            return;
        }

        $today = $this->workspace->today();
        Stay::query()->create([
            'task_id' => $task->id,
            'goal_id' => $task->goal_id,
            'since_on' => $task->goal_since,
            'until_on' => $today,
        ]);
        $task->update(['goal_id' => $to->id, 'goal_since' => $today]);
    }

    public function link(Contribution|RecurringTaskContribution $link, Goal $to): void
    {
        $today = $this->workspace->today();
        $link->replicate()->fill(['goal_id' => $to->id, 'from_on' => $today])->save();
        $link->update(['until_on' => $today]);
    }
}
