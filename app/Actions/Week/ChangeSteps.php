<?php

declare(strict_types=1);

namespace App\Actions\Week;

use App\Models\Person;
use App\Models\Step;
use App\Models\Task;
use App\Models\Workspace;
use App\Store\ChangeLog;

final readonly class ChangeSteps
{
    public function __construct(private ChangeLog $log, private Workspace $workspace, private RunRecurringTask $recurringTasks)
    {
    }

    /**
     * Cuts a task into steps, or adds to those it has. Cutting starts the count of carrying anew.
     *
     * @param list<string> $titles
     */
    public function add(Person $who, Task $task, array $titles): void
    {
        $this->log->change($who, "Split “{$task->title}” into steps", function () use ($task, $titles): void {
            $position = $task->steps()->count();

            foreach ($titles as $title) {
                Step::query()->create(['task_id' => $task->id, 'position' => ++$position, 'title' => $title]);
            }

            $task->update(PlannedTime::settled($task, $this->workspace, forget: true));
        });
    }

    /** Ticks or unticks a step. The last one ticked ticks the task; one unticked opens it again. */
    public function tick(Person $who, Step $step, bool $isDone): void
    {
        $this->log->change($who, ($isDone ? 'Ticked' : 'Unticked')." “{$step->title}”", function () use ($step, $isDone): void {
            $today = $this->workspace->today();
            $step->update(['done_on' => $isDone ? $today : null]);
            $isLeft = Step::query()->where('task_id', $step->task_id)->whereNull('done_on')->exists();
            $wasDone = $step->task->done_on !== null;
            $step->task->update(Ticking::columns($step->task, ! $isLeft, $today));

            if ($wasDone === $isLeft) {
                $this->recurringTasks->follow($step->task, ! $isLeft);
            }
        });
    }

    public function remove(Person $who, Step $step): void
    {
        $this->log->change($who, "Deleted “{$step->title}”", function () use ($step): void {
            $step->delete();
        });
    }
}
