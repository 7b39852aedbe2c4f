<?php

declare(strict_types=1);

namespace App\Actions\Week;

use App\Models\Person;
use App\Models\Task;
use App\Models\Workspace;
use App\Queries\Parts\Standing;
use App\Store\ChangeLog;
use App\Store\RefusedChange;

final readonly class PlanTask
{
    public function __construct(private ChangeLog $log, private Workspace $workspace)
    {
    }

    /**
     * Plans a task for a day or period, or clears its time. A day can have a time, HH:MM. How often it was carried stays counted.
     *
     * @throws RefusedChange when the name is neither a date nor a period
     */
    public function __invoke(Person $who, Task $task, ?string $planned, ?string $at = null): void
    {
        $this->log->change(
            $who,
            $planned === null ? "Unscheduled “{$task->title}”" : "Planned “{$task->title}”",
            fn() => $task->update([
                'carried' => Standing::carriedTo($task->planned, $task->planned_to, $task->carried, $this->workspace)->carried,
                ...PlannedTime::columns($this->workspace->calendar(), $planned, $at),
                'put_back_on' =>
                    $planned === null && ($task->planned !== null || $task->put_back_on !== null) ? $this->workspace->today() : null,
                // What gets a time is no longer put off.
                ...$planned !== null && $task->shelved_on !== null ? ['shelved_on' => null, 'return_on' => null] : [],
            ]),
        );
    }
}
