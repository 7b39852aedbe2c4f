<?php

declare(strict_types=1);

namespace App\Actions\Week;

use App\Models\Person;
use App\Models\Task;
use App\Models\Workspace;
use App\Store\ChangeLog;

final readonly class SetTaskAside
{
    public function __construct(private ChangeLog $log, private Workspace $workspace)
    {
    }

    /** Puts a task off on purpose. Its time on the shelf is not counted as carried. */
    public function shelve(Person $who, Task $task): void
    {
        $this->log->change(
            $who,
            "Shelved “{$task->title}”",
            fn() => $task->update([
                ...PlannedTime::settled($task, $this->workspace),
                'shelved_on' => $this->workspace->today(),
            ]),
        );
    }

    public function drop(Person $who, Task $task): void
    {
        $this->log->change(
            $who,
            "Dropped “{$task->title}”",
            fn() => $task->update([
                ...PlannedTime::settled($task, $this->workspace),
                'dropped_on' => $this->workspace->today(),
            ]),
        );
    }

    /** Takes a task back. A time that ended meanwhile becomes the present one of its kind. */
    public function restore(Person $who, Task $task): void
    {
        $this->log->change(
            $who,
            "Restored “{$task->title}”",
            fn() => $task->update([
                ...PlannedTime::settled($task, $this->workspace),
                'carried' => $task->carried,
                'shelved_on' => null,
                'dropped_on' => null,
            ]),
        );
    }
}
