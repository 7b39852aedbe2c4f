<?php

declare(strict_types=1);

namespace App\Queries\Week;

use App\Models\Contact;
use App\Models\Dependency;
use App\Models\Person;
use App\Models\Stage;
use App\Models\Task;
use App\Models\Workspace;
use App\Queries\Goals\MainEffortChoices;
use App\Queries\Parts\Answers\Beside;
use App\Queries\Parts\Answers\ContactRow;
use App\Queries\Parts\Answers\Option;
use App\Queries\Parts\Answers\PersonTag;
use App\Queries\Parts\Answers\TaskRow;
use App\Queries\Plan\StoredPlans;
use App\Queries\Week\Answers\PlannedSpan;
use App\Queries\Week\Answers\StepRow;
use App\Queries\Week\Answers\TaskView;
use Illuminate\Support\Facades\Gate;
use stdClass;

final readonly class TaskPage
{
    /** All that the page shows of a task. */
    private const SHOWN = [
        'owner',
        'goal',
        'project.stages',
        'project.currentContributions',
        'recurringTask.currentContributions',
        'agendaItem.meeting.series',
        'dependencies',
        'steps.templateStep',
        'waitingContact.area',
    ];

    public function __construct(
        private Workspace $workspace,
        private StoredPlans $plans,
        private MainEffortChoices $efforts,
        private AroundTask $around,
    ) {
    }

    public function of(Task $task, Person $viewer): TaskView
    {
        $task->load(self::SHOWN);
        $meeting = $task->agendaItem?->meeting;
        $threads = $this->plans->threads($viewer);
        $row = TaskRow::all(Task::query()->whereKey($task->id), $threads, $this->workspace)[0];
        $calendar = $this->workspace->calendar();

        return new TaskView(
            task: $row,
            thread: $this->around->thread($task, $threads),
            planned: PlannedSpan::of($row->planned, $calendar),
            firstPlanned: $row->planned === $task->planned ? null : PlannedSpan::of($task->planned, $calendar),
            whenDone: $this->around->whenDone($task, $viewer),
            notes: $task->notes,
            createdOn: $task->created_on,
            waitingSince: $task->waiting_since,
            steps: array_values(
                $task->steps
                    ->map(
                        StepRow::of(...),
                    )
                    ->all(),
            ),
            stages: array_values(
                $task->project?->stages->map(static fn(Stage $stage): Option => new Option((string) $stage->id, $stage->name))->all() ?? [],
            ),
            origin: $meeting !== null && Gate::forUser($viewer)->allows('view', $meeting->series)
                ? new Option(route('meetings.show', $meeting->id, false), "{$meeting->series->title}, {$meeting->on}")
                : null,
            people: PersonTag::all(),
            mainEfforts: $this->efforts->of($viewer, $task->main_effort_id),
            mainEffort: $task->main_effort_id,
            focus: $task->focus,
            place: $task->place,
            after: array_values($task->dependencies->map(static fn(Dependency $link): int => $link->after_id)->all()),
            before: $this->before($task, $viewer),
            isShelved: $task->shelved_on !== null,
            project: $task->project_id,
            goal: $task->goal_id !== null && $task->goal?->isVisibleTo($viewer) === true ? $task->goal_id : null,
            inProgressSince: $task->in_progress_since,
            checkedBy: $task->checked_by_id,
            names: $this->names(),
            beside: Beside::of($task, $viewer),
            contact: $task->waitingContact === null ? null : ContactRow::of($task->waitingContact),
            contactArea: $task->waitingContact === null
                ? null
                : new Option(route('areas.show', $task->waitingContact->area_id, false), $task->waitingContact->area->name),
        );
    }

    /** @return list<Option> */
    private function before(Task $task, Person $viewer): array
    {
        if ($task->project_id === null) {
            return [];
        }

        return array_values(
            Task::query()
                ->visibleTo($viewer)
                ->where('project_id', $task->project_id)
                ->whereKeyNot($task->id)
                ->where(
                    static fn($either) => $either
                        ->where(static fn($open) => $open->whereNull('done_on')->whereNull('dropped_on'))
                        ->orWhereIn('id', $task->dependencies->pluck('after_id')),
                )
                ->orderBy('position')
                ->orderBy('id')
                ->toBase()
                ->get(['id', 'title'])
                ->map(static fn(stdClass $other): Option => new Option((string) $other->id, (string) $other->title))
                ->all(),
        );
    }

    /** @return list<string> */
    private function names(): array
    {
        return [
            ...array_map(static fn(PersonTag $person): string => $person->name, PersonTag::all()),
            ...Contact::query()
                ->orderBy('name')
                ->get(['name'])
                ->map(static fn(Contact $contact): string => $contact->name)
                ->all(),
        ];
    }
}
