<?php

declare(strict_types=1);

namespace App\Actions\Day;

use App\Actions\Week\PlanTask;
use App\Models\Person;
use App\Models\PersonDay;
use App\Models\Task;
use App\Models\Workspace;
use App\Store\ChangeLog;
use App\Store\RefusedChange;
use Loftrin\Core\Calendar\Day;

/** Makes a task the main thing of a day, and plans it for that day if it is not. */
final readonly class ChooseMainThing
{
    public function __construct(private ChangeLog $log, private Workspace $workspace, private PlanTask $plan)
    {
    }

    /**
     * @param ?Day $on today when null
     *
     * @throws RefusedChange when it is somebody else's, done, or put aside, or the day is over
     */
    public function __invoke(Person $who, Task $task, ?Day $on = null): void
    {
        $today = $this->workspace->today();
        $on ??= $today;

        match (true) {
            $on->isBefore($today) => throw new RefusedChange('task', 'This day is over.'),
            $task->owner_id !== $who->id => throw new RefusedChange('task', 'Only a task of your own can be your main thing.'),
            $task->done_on !== null, $task->dropped_on !== null, $task->shelved_on !== null => throw new RefusedChange(
                'task',
                'Only an open task can be the main thing.',
            ),
            default => null,
        };

        $of = $on->number === $today->number ? 'today' : "$on";

        $this->log->change($who, "Made “{$task->title}” the main thing of $of", function () use ($who, $task, $on): void {
            if ($task->planned !== (string) $on) {
                ($this->plan)($who, $task, (string) $on);
            }

            PersonDay::at($who, $on)
                ->fill(['main_task_id' => $task->id])
                ->save();
        });
    }
}
