<?php

declare(strict_types=1);

namespace App\Queries\Week;

use App\Models\Person;
use App\Models\Resolve;
use App\Models\ResolveKind;
use App\Models\Stage;
use App\Models\Step;
use App\Models\Task;
use App\Models\Workspace;
use App\Queries\Goals\StoredPlans;
use App\Queries\Goals\Threads;
use App\Queries\Parts\Option;
use App\Queries\Parts\PersonTag;
use App\Queries\Parts\TaskRow;
use Illuminate\Support\Facades\Gate;

final readonly class TaskPage
{
    public function __construct(private Workspace $workspace, private StoredPlans $plans)
    {
    }

    public function of(Task $task, Person $viewer): TaskView
    {
        $task->load([...TaskRow::NEEDS, 'project.stages', 'agendaItem.meeting.series']);
        $year = $this->workspace->calendar()->yearOf($this->workspace->today());
        $meeting = $task->agendaItem?->meeting;

        return new TaskView(
            TaskRow::of($task, new Threads($this->plans->ofYear($year, $viewer)), $this->workspace),
            $task->notes,
            $task->created_on,
            $task->waiting_since,
            array_values($task->steps->map(static fn(Step $step): StepRow => new StepRow($step->id, $step->title, $step->done_on !== null))->all()),
            array_values($task->project?->stages->map(static fn(Stage $stage): Option => new Option((string) $stage->id, $stage->name))->all() ?? []),
            $meeting !== null && Gate::forUser($viewer)->allows('view', $meeting->series)
                ? new Option(route('meetings.show', $meeting->id, false), "{$meeting->series->title}, {$meeting->on}")
                : null,
            PersonTag::all(),
            $this->drivers($task),
            $task->driver_id,
            $task->shelved_on !== null,
        );
    }

    /** @return list<Option> those that hold now, and the one that it is work on */
    private function drivers(Task $task): array
    {
        $today = (string) $this->workspace->today();

        return array_values(Resolve::query()->where('kind', ResolveKind::Driver)
            ->where(static fn($either) => $either->whereKey($task->driver_id)->orWhere(static fn($now) => $now->where('starts_on', '<=', $today)->where('ends_on', '>=', $today)->whereNull('ended_on')))
            ->orderBy('id')->get()
            ->map(static fn(Resolve $driver): Option => new Option((string) $driver->id, $driver->title))->all());
    }
}
