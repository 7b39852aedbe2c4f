<?php

declare(strict_types=1);

namespace App\Actions\Week;

use App\Models\Dependency;
use App\Models\Person;
use App\Models\Task;
use App\Store\ChangeLog;
use App\Store\RefusedChange;

/** Says which tasks of its project a task comes after. */
final readonly class SetOrder
{
    public function __construct(private ChangeLog $log, private TaskRules $rules)
    {
    }

    /**
     * @param list<int> $after all the tasks that are to be done before it
     *
     * @throws RefusedChange when one is not of the same project, or they would wait for each other in a loop
     */
    public function __invoke(Person $who, Task $task, array $after): void
    {
        $known = Task::query()
            ->whereNotNull('project_id')
            ->where('project_id', $task->project_id)
            ->whereKey($after)
            ->whereKeyNot($task->id)
            ->count();

        if ($known !== count($after)) {
            throw new RefusedChange('after', 'A task can only depend on tasks of the same project.');
        }

        $this->rules->refuseLoop($task, $after);

        $this->log->change($who, "Changed what “{$task->title}” depends on", function () use ($task, $after): void {
            $there = $task->dependencies()->get();
            $there->whereNotIn('after_id', $after)->each(static fn(Dependency $link): ?bool => $link->delete());

            foreach ($after as $id) {
                if (! $there->contains('after_id', $id)) {
                    Dependency::query()->create(['task_id' => $task->id, 'after_id' => $id]);
                }
            }
        });
    }
}
