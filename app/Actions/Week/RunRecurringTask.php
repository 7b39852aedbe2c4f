<?php

declare(strict_types=1);

namespace App\Actions\Week;

use App\Models\Occurrence;
use App\Models\OccurrenceState;
use App\Models\Person;
use App\Models\RecurringTask;
use App\Models\RecurringTaskKind;
use App\Models\RecurringTaskStep;
use App\Models\Step;
use App\Models\Task;
use App\Models\TemplateStep;
use App\Models\TemplateTask;
use App\Models\Workspace;
use App\Store\ChangeLog;
use App\Store\RefusedChange;
use Loftrin\Core\Calendar\Day;

/** What a recurring task brings: at most one open task at a time; what was done, skipped and missed is kept. Rules: computation 12. */
final readonly class RunRecurringTask
{
    public function __construct(private ChangeLog $log, private Workspace $workspace)
    {
    }

    /**
     * Sees that a recurring task that runs has its open task, after it was made or changed.
     *
     * @param bool $isOther whether its rhythm is another than before
     */
    public function keepUp(RecurringTask $recurringTask, bool $isOther = false): void
    {
        if ($recurringTask->is_shared || $recurringTask->kind !== RecurringTaskKind::Task) {
            return;
        }

        $open = $recurringTask->tasks()->open()->first();
        $next = $recurringTask->rhythm()->firstFrom($this->workspace->today(), $recurringTask->starts_on);

        match (true) {
            $open === null => $this->bring($recurringTask, $next),
            default => $open->update([
                ...$isOther ? $this->dated($next) : [],
                ...$recurringTask->only(['title', 'owner_id', 'minutes', 'visibility', 'main_effort_id']),
            ]),
        };
    }

    /** As its task is ticked the next one appears; as it is unticked that one goes again. Part of the change that ticks. */
    public function follow(Task $task, bool $isDone): void
    {
        $recurringTask = $task->recurring_task_id === null ? null : RecurringTask::query()->find($task->recurring_task_id);

        if ($recurringTask === null || $recurringTask->kind === RecurringTaskKind::Pieces) {
            return;
        }

        $on = $task->occurs_on ?? $this->workspace->today();

        if (! $isDone) {
            $this->kept($recurringTask, $on)?->delete();

            foreach ($recurringTask->tasks()->open()->whereKeyNot($task->id)->get() as $next) {
                $next->steps()->get()->each(static fn(Step $step): ?bool => $step->delete());
                $next->delete();
            }

            return;
        }

        $this->keep($recurringTask, $on, OccurrenceState::Done);

        if ($recurringTask->ended_on === null && ! $recurringTask->tasks()->open()->whereKeyNot($task->id)->exists()) {
            $doneOn = $task->done_on ?? $this->workspace->today();
            $this->bring($recurringTask, $recurringTask->rhythm()->nextAfter($on, $doneOn, $recurringTask->starts_on));
        }
    }

    /** Not this time: its task moves on to the next. */
    public function skip(Person $who, Task $task): void
    {
        $recurringTask =
            RecurringTask::query()->find($task->recurring_task_id) ??
            throw new RefusedChange('task', 'This task is not recurring. Drop it instead');
        $this->log->change($who, "Skipped “{$task->title}”", function () use ($recurringTask, $task): void {
            $today = $this->workspace->today();
            $on = $task->occurs_on ?? $today;
            $this->keep($recurringTask, $on, OccurrenceState::Skipped);
            $yesterday = $today->plus(-1);
            $next = $recurringTask->rhythm()->nextAfter($on, $yesterday->isAfter($on) ? $yesterday : $on, $recurringTask->starts_on);

            if ($next === null || $recurringTask->kind === RecurringTaskKind::Pieces) {
                $task->update(['dropped_on' => $today]);
            } else {
                $this->moveOn($task, $next);
            }
        });
    }

    /** Brings a recurring task's task now, where it is done as needed. */
    public function now(Person $who, RecurringTask $recurringTask): void
    {
        $this->log->change(
            $who,
            "Added “{$recurringTask->title}”",
            fn(): Task => $this->bring($recurringTask, $this->workspace->today(), true) ??
                throw new RefusedChange('recurringTask', 'It already has an open task'),
        );
    }

    /** Says whether a line of the daily checklist is done today. */
    public function daily(Person $who, RecurringTask $recurringTask, bool $isDone): void
    {
        $words = ($isDone ? 'Ticked' : 'Unticked')." “{$recurringTask->title}”";
        $this->log->change($who, $words, function () use ($recurringTask, $isDone): void {
            $today = $this->workspace->today();
            $isDone ? $this->keep($recurringTask, $today, OccurrenceState::Done) : $this->kept($recurringTask, $today)?->delete();
        });
    }

    public function tickLine(Person $who, RecurringTaskStep $step, bool $isDone): void
    {
        $words = ($isDone ? 'Ticked' : 'Unticked')." “{$step->title}”";
        $this->log->change($who, $words, fn() => $step->update(['ticked_on' => $isDone ? $this->workspace->today() : null]));
    }

    /** Makes a checklist blank again. */
    public function startAfresh(Person $who, RecurringTask $recurringTask): void
    {
        $this->log->change($who, "Cleared “{$recurringTask->title}”", static function () use ($recurringTask): void {
            foreach ($recurringTask->steps()->whereNotNull('ticked_on')->get() as $step) {
                $step->update(['ticked_on' => null]);
            }
        });
    }

    /** The open task of a recurring task whose next times have come: the last of them takes its place, the others were missed. */
    public function catchUp(Task $task, RecurringTask $recurringTask): void
    {
        $on = $task->occurs_on;
        $came = $on === null ? [] : $recurringTask->rhythm()->cameSince($on, $this->workspace->today(), $recurringTask->starts_on);

        if ($on === null || $came === []) {
            return;
        }

        foreach ([$on, ...array_slice($came, 0, -1)] as $missed) {
            $this->keep($recurringTask, $missed, OccurrenceState::Missed);
        }

        $this->moveOn($task, $came[count($came) - 1]);
    }

    /** A task of the recurring task for a day; null when one is open. One that comes by no rule waits until it is asked for. */
    private function bring(RecurringTask $recurringTask, ?Day $on, bool $isAsked = false): ?Task
    {
        if (($on === null && ! $isAsked) || $recurringTask->tasks()->open()->exists()) {
            return null;
        }

        return $this->piece($recurringTask, $on, $recurringTask->title);
    }

    /** A task made from a recurring task, with its steps. */
    public function piece(RecurringTask $recurringTask, ?Day $on, string $title): Task
    {
        $today = $this->workspace->today();
        $task = Task::query()->create([
            'title' => $title,
            'recurring_task_id' => $recurringTask->id,
            'owner_id' => $recurringTask->owner_id,
            'visibility' => $recurringTask->visibility,
            'minutes' => $recurringTask->minutes,
            'main_effort_id' => $recurringTask->main_effort_id,
            'notes' => $recurringTask->notes,
            'position' => Task::placeAtEnd(null),
            'created_on' => $today,
            ...$this->dated($on),
        ]);

        foreach ($this->stepsOf($recurringTask) as $position => $step) {
            Step::query()->create(['task_id' => $task->id, 'position' => $position, ...$step]);
        }

        return $task;
    }

    /**
     * Its own, or those of its template as it is now: a task of the template that has no steps is one itself.
     *
     * @return list<array{title: string, template_step_id?: int}>
     */
    private function stepsOf(RecurringTask $recurringTask): array
    {
        $template = $recurringTask->loadMissing(['steps', 'template.tasks.steps'])->template;

        if ($template === null) {
            return array_values($recurringTask->steps->map(static fn(RecurringTaskStep $step): array => ['title' => $step->title])->all());
        }

        $one = static fn(TemplateStep $step): array => ['title' => $step->title, 'template_step_id' => $step->id];
        $steps = $template->tasks->flatMap(
            static fn(TemplateTask $task): array => $task->steps->isEmpty() ? [['title' => $task->title]] : $task->steps->map($one)->all(),
        );

        return array_values($steps->all());
    }

    private function moveOn(Task $task, Day $on): void
    {
        $task->update($this->dated($on));
        $task->steps()->whereNotNull('done_on')->get()->each(static fn(Step $step): bool => $step->update(['done_on' => null]));
    }

    /** @return array<string, mixed> */
    private function dated(?Day $on): array
    {
        return [
            'occurs_on' => $on,
            'carried' => 0,
            ...PlannedTime::columns($this->workspace->calendar(), $on === null ? null : (string) $on),
        ];
    }

    private function keep(RecurringTask $recurringTask, Day $on, OccurrenceState $state): void
    {
        ($this->kept($recurringTask, $on) ?? new Occurrence(['recurring_task_id' => $recurringTask->id, 'on' => $on]))
            ->fill(['state' => $state])
            ->save();
    }

    /** What is kept of one of its times. */
    private function kept(RecurringTask $recurringTask, Day $on): ?Occurrence
    {
        return Occurrence::query()->where('recurring_task_id', $recurringTask->id)->where('on', (string) $on)->first();
    }
}
