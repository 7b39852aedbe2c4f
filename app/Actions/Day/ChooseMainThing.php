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

/** Makes a task the main thing of today, and plans it for today if it is not. */
final readonly class ChooseMainThing
{
    public function __construct(private ChangeLog $log, private Workspace $workspace, private PlanTask $plan)
    {
    }

    /** @throws RefusedChange when it is somebody else's, done, or put aside */
    public function __invoke(Person $who, Task $task): void
    {
        match (true) {
            $task->owner_id !== $who->id => throw new RefusedChange('task', 'Only a task of your own can be your main thing.'),
            $task->done_on !== null, $task->dropped_on !== null, $task->shelved_on !== null => throw new RefusedChange(
                'task',
                'Only an open task can be the main thing.',
            ),
            default => null,
        };

        $this->log->change($who, "Made “{$task->title}” the main thing of today", function () use ($who, $task): void {
            $today = $this->workspace->today();

            if ($task->planned !== (string) $today) {
                ($this->plan)($who, $task, (string) $today);
            }

            $day = PersonDay::query()->where('person_id', $who->id)->where('on', (string) $today)->first();
            ($day ?? new PersonDay(['person_id' => $who->id, 'on' => $today]))->fill(['main_task_id' => $task->id])->save();
        });
    }
}
