<?php

declare(strict_types=1);

namespace App\Queries\Reviews;

use App\Models\Person;
use App\Models\Task;
use App\Models\Workspace;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Loftrin\Core\Calendar\Period;
use Loftrin\Core\Work\Carrying;

/** A person's open tasks that a week leaves behind: late, carried, with others, without recent activity. */
final readonly class LeftOverTasks
{
    /** @var Collection<int, Task> */
    private Collection $open;

    public function __construct(private Workspace $workspace, Person $person, private Period $week)
    {
        $this->open = Task::query()
            ->where('owner_id', $person->id)
            ->onLists()
            ->where('created_on', '<=', (string) $week->span->last)
            ->where(
                static fn(Builder $either) => $either
                    ->where('due_on', '<=', (string) $week->span->last)
                    ->orWhere('planned_to', '<=', (string) $week->span->last)
                    ->orWhereNotNull('waiting_on')
                    ->orWhereNull('planned'),
            )
            ->orderByRaw('due_on is null, due_on')
            ->orderBy('id')
            ->get();
    }

    /** @return Collection<int, Task> due by the end of the week */
    public function late(): Collection
    {
        $until = min($this->week->span->last->number, $this->workspace->today()->number - 1);

        return $this->open->filter(static fn(Task $task): bool => $task->due_on !== null && $task->due_on->number <= $until);
    }

    /** @return Collection<int, Task> planned for the week or before it */
    public function carried(): Collection
    {
        return $this->open->filter(
            fn(Task $task): bool => $task->planned_to !== null && ! $task->planned_to->isAfter($this->week->span->last),
        );
    }

    /** @return Collection<int, Task> waiting on somebody */
    public function withOthers(): Collection
    {
        return $this->open->filter(static fn(Task $task): bool => ($task->waiting_on ?? '') !== '');
    }

    /** @return Collection<int, Task> not planned, and unchanged for four weeks */
    public function withoutActivity(): Collection
    {
        $carrying = new Carrying($this->workspace->calendar());

        return $this->open->filter(
            fn(Task $task): bool => $task->planned === null && $carrying->isUntouched($task->changed_on, $this->week->span->last),
        );
    }
}
