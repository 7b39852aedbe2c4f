<?php

declare(strict_types=1);

namespace App\Queries\People;

use App\Models\Person;
use App\Models\Project;
use App\Models\Task;
use App\Models\Workspace;
use App\Queries\Lists\OwnTasks;
use App\Queries\Parts\PersonTag;
use Illuminate\Support\Collection;
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
        $open = Task::query()->visibleTo($viewer)->onLists();
        $counts = (clone $open)->toBase()->groupBy('owner_id')
            ->selectRaw('owner_id, count(*) as open, sum(due_on < ?) as late', [(string) $this->workspace->today()])->get()->keyBy('owner_id');
        // What was planned for an earlier day or week and is still open stands in this one.
        $thisWeek = $open->whereRaw(OwnTasks::DAY_OR_WEEK)->where('planned_from', '<=', (string) $week->span->last)->with('steps')->get()->groupBy('owner_id');

        return new People(
            array_values(Person::query()->orderBy('name')->get()->map(fn(Person $person): PersonRow => $this->row(
                $person,
                is_numeric($active->get($person->id)) ? (int) $active->get($person->id) : 0,
                (int) ($counts->get($person->id)->open ?? 0),
                (int) ($counts->get($person->id)->late ?? 0),
                $thisWeek->get($person->id) ?? collect(),
            ))->all()),
            CircleRow::all(),
            $week->name,
            $viewer->isLead(),
        );
    }

    /** @param Collection<int, Task> $thisWeek */
    private function row(Person $person, int $active, int $open, int $late, Collection $thisWeek): PersonRow
    {
        return new PersonRow(
            PersonTag::of($person),
            $person->role,
            $person->email,
            $person->weekly_hours,
            $active,
            $open,
            $late,
            $thisWeek->sum(static fn(Task $task): int => DayHours::left($task->minutes, $task->steps->whereNotNull('done_on')->count(), $task->steps->count())),
        );
    }
}
