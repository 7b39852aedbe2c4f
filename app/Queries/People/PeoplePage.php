<?php

declare(strict_types=1);

namespace App\Queries\People;

use App\Models\Person;
use App\Models\Project;
use App\Models\Task;
use App\Models\Workspace;
use App\Queries\Parts\PersonTag;
use App\Queries\Parts\TaskRow;
use Illuminate\Support\Collection;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Work\DayHours;

/** Who is here, and how much each has on their hands. */
final readonly class PeoplePage
{
    public function __construct(private Workspace $workspace)
    {
    }

    public function of(Person $viewer): People
    {
        $week = $this->workspace->calendar()->weekOf($this->workspace->today());
        $active = Project::query()->where('state', 'active')->selectRaw('owner_id, count(*) as projects')->groupBy('owner_id')->pluck('projects', 'owner_id');
        $tasks = Task::query()->visibleTo($viewer)
            ->onLists()
            ->with('steps')
            ->get()->groupBy('owner_id');

        return new People(
            array_values(Person::query()->orderBy('name')->get()->map(fn(Person $person): PersonRow => $this->row(
                $person,
                is_numeric($active->get($person->id)) ? (int) $active->get($person->id) : 0,
                $tasks->get($person->id) ?? collect(),
                $week->name,
            ))->all()),
            CircleRow::all(),
            $week->name,
            $viewer->isLead(),
        );
    }

    /** @param Collection<int, Task> $open */
    private function row(Person $person, int $active, Collection $open, string $week): PersonRow
    {
        $today = $this->workspace->today();
        $thisWeek = $open->filter(fn(Task $task): bool => $this->standsInWeek($task, $week));

        return new PersonRow(
            PersonTag::of($person),
            $person->role,
            $person->email,
            $person->weekly_hours,
            $active,
            $open->count(),
            $open->filter(static fn(Task $task): bool => $task->due_on !== null && $task->due_on->isBefore($today))->count(),
            $thisWeek->sum(static fn(Task $task): int => DayHours::left($task->minutes, $task->steps->whereNotNull('done_on')->count(), $task->steps->count())),
        );
    }

    private function standsInWeek(Task $task, string $week): bool
    {
        $stands = TaskRow::standsIn($task, $this->workspace);
        $planned = $stands === null ? null : $this->workspace->calendar()->planned($stands);

        return $stands === $week || ($planned instanceof Day && $this->workspace->calendar()->weekOf($planned)->name === $week);
    }
}
