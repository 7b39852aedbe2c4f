<?php

declare(strict_types=1);

namespace App\Actions\Reviews;

use App\Models\Person;
use App\Models\Task;
use App\Models\Workspace;
use App\Store\ChangeLog;

/** Keeps a task as it is: it is asked about again a quarter later. */
final readonly class KeepTask
{
    public function __construct(private ChangeLog $log, private Workspace $workspace)
    {
    }

    public function __invoke(Person $who, Task $task): void
    {
        $this->log->change($who, "Kept “{$task->title}”", fn() => $task->update(['kept_on' => $this->workspace->today()]));
    }
}
