<?php

declare(strict_types=1);

namespace App\Actions\Week;

use App\Models\Person;
use App\Models\Task;
use App\Models\Workspace;
use App\Store\ChangeLog;

final readonly class TickTask
{
    public function __construct(private ChangeLog $log, private Workspace $workspace, private RunRecurringTask $recurringTasks)
    {
    }

    /** Says that a task is done today, or that it is not done after all. What it was carried is kept. */
    public function __invoke(Person $who, Task $task, bool $isDone): void
    {
        if ($isDone === ($task->done_on !== null)) {
            return;
        }

        $this->log->change($who, ($isDone ? 'Ticked' : 'Unticked')." “{$task->title}”", function () use ($task, $isDone): void {
            $task->update(Ticking::columns($task, $isDone, $this->workspace->today()));
            $this->recurringTasks->follow($task, $isDone);
        });
    }
}
