<?php

declare(strict_types=1);

namespace App\Actions\Week;

use App\Models\Person;
use App\Models\Task;
use App\Store\ChangeLog;
use App\Store\RefusedChange;

/** Does the same to many tasks, as one change with one undo: all of it, or none. */
final readonly class ChangeTasks
{
    public function __construct(
        private ChangeLog $log,
        private TickTask $tick,
        private PlanTask $plan,
        private ChangeTask $change,
        private MoveTask $move,
        private SetTaskAside $aside,
    ) {
    }

    /**
     * @param list<int> $ids
     *
     * @throws RefusedChange when one of them is not there for the person, or a rule refuses it for one
     */
    public function __invoke(Person $who, array $ids, Bulk $what, ?string $value): void
    {
        $tasks = Task::query()
            ->visibleTo($who)
            ->whereKey($ids)
            ->with(['project.stages', 'goal'])
            ->orderBy('position')
            ->orderBy('id')
            ->get();

        if ($tasks->count() !== count($ids)) {
            throw new RefusedChange('tasks', 'One of these tasks no longer exists. Nothing was changed.');
        }

        $this->log->change($who, $this->words($what, $tasks->count(), $value), function () use ($who, $tasks, $what, $value): void {
            foreach ($tasks as $task) {
                $this->do($who, $task, $what, $value);
            }
        });
    }

    private function do(Person $who, Task $task, Bulk $what, ?string $value): void
    {
        match ($what) {
            Bulk::Tick => ($this->tick)($who, $task, true),
            Bulk::Plan => ($this->plan)($who, $task, $value),
            Bulk::HandOver => ($this->change)($who, $task, ['owner_id' => Person::query()->findOrFail((int) $value)->id]),
            Bulk::Rank => ($this->change)($who, $task, ['rank' => $value]),
            Bulk::Stage => $this->move->within($who, $task, $value === null ? null : (int) $value, null),
            Bulk::Project => $this->move->to($who, $task, $value === null ? null : (int) $value, null),
            Bulk::Shelve => $this->aside->shelve($who, $task),
            Bulk::Drop => $this->aside->drop($who, $task),
            Bulk::Restore => $this->aside->restore($who, $task),
        };
    }

    private function words(Bulk $what, int $count, ?string $value): string
    {
        $tasks = $count === 1 ? '1 task' : "$count tasks";

        return match ($what) {
            Bulk::Tick => "Ticked $tasks",
            Bulk::Plan => $value === null ? "Unscheduled $tasks" : "Planned $tasks",
            Bulk::HandOver => "Handed over $tasks",
            Bulk::Rank => "Ranked $tasks",
            Bulk::Stage, Bulk::Project => "Moved $tasks",
            Bulk::Shelve => "Shelved $tasks",
            Bulk::Drop => "Dropped $tasks",
            Bulk::Restore => "Restored $tasks",
        };
    }
}
