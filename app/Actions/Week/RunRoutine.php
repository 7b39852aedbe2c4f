<?php

declare(strict_types=1);

namespace App\Actions\Week;

use App\Models\Occurrence;
use App\Models\OccurrenceState;
use App\Models\PatternStep;
use App\Models\PatternTask;
use App\Models\Person;
use App\Models\Routine;
use App\Models\RoutineKind;
use App\Models\RoutineStep;
use App\Models\Step;
use App\Models\Task;
use App\Models\Workspace;
use App\Store\ChangeLog;
use App\Store\RefusedChange;
use Loftrin\Core\Calendar\Day;

/** What a routine brings: at most one open task at a time; what was done, skipped and missed is kept. Rules: computation 12. */
final readonly class RunRoutine
{
    public function __construct(private ChangeLog $log, private Workspace $workspace)
    {
    }

    /**
     * Sees that a routine that runs has its open task, after it was made or changed.
     *
     * @param bool $isOther whether its rhythm is another than before
     */
    public function keepUp(Routine $routine, bool $isOther = false): void
    {
        if ($routine->is_stock || $routine->kind !== RoutineKind::Task) {
            return;
        }

        $open = $routine->tasks()->open()->first();
        $next = $routine->rhythm()->firstFrom($this->workspace->today(), $routine->starts_on);

        match (true) {
            $open === null => $this->bring($routine, $next),
            $isOther => $open->update([
                ...$this->dated($next),
                'title' => $routine->title,
                'owner_id' => $routine->owner_id,
                'minutes' => $routine->minutes,
            ]),
            default => $open->update([
                'title' => $routine->title,
                'owner_id' => $routine->owner_id,
                'minutes' => $routine->minutes,
                'visibility' => $routine->visibility,
            ]),
        };
    }

    /** As its task is ticked the next one appears; as it is unticked that one goes again. Part of the change that ticks. */
    public function follow(Task $task, bool $isDone): void
    {
        $routine = $task->routine_id === null ? null : Routine::query()->find($task->routine_id);

        if ($routine === null || $routine->kind === RoutineKind::Pieces) {
            return;
        }

        $on = $task->occurs_on ?? $this->workspace->today();

        if (! $isDone) {
            $this->kept($routine, $on)?->delete();

            foreach ($routine->tasks()->open()->whereKeyNot($task->id)->get() as $next) {
                $next->steps()->get()->each(static fn(Step $step): ?bool => $step->delete());
                $next->delete();
            }

            return;
        }

        $this->keep($routine, $on, OccurrenceState::Done);

        if ($routine->ended_on === null && ! $routine->tasks()->open()->whereKeyNot($task->id)->exists()) {
            $this->bring($routine, $routine->rhythm()->nextAfter($on, $task->done_on ?? $this->workspace->today(), $routine->starts_on));
        }
    }

    /** Not this time: its task moves on to the next. */
    public function skip(Person $who, Task $task): void
    {
        $routine =
            Routine::query()->find($task->routine_id) ?? throw new RefusedChange('task', 'This task is not recurring. Drop it instead');

        $this->log->change($who, "Skipped “{$task->title}”", function () use ($routine, $task): void {
            $today = $this->workspace->today();
            $on = $task->occurs_on ?? $today;
            $this->keep($routine, $on, OccurrenceState::Skipped);
            $next = $routine->rhythm()->nextAfter($on, $today->plus(-1)->isAfter($on) ? $today->plus(-1) : $on, $routine->starts_on);

            if ($next === null || $routine->kind === RoutineKind::Pieces) {
                $task->update(['dropped_on' => $today, 'changed_on' => $today]);
            } else {
                $this->moveOn($task, $next);
            }
        });
    }

    /** Brings a routine's task now, where it is done as needed. */
    public function now(Person $who, Routine $routine): void
    {
        $this->log->change(
            $who,
            "Added “{$routine->title}”",
            fn(): Task => $this->bring($routine, $this->workspace->today(), true) ??
                throw new RefusedChange('routine', 'It already has an open task'),
        );
    }

    /** Says whether a line of the daily checklist is done today. */
    public function daily(Person $who, Routine $routine, bool $isDone): void
    {
        $this->log->change($who, ($isDone ? 'Ticked' : 'Unticked')." “{$routine->title}”", function () use ($routine, $isDone): void {
            $today = $this->workspace->today();
            $isDone ? $this->keep($routine, $today, OccurrenceState::Done) : $this->kept($routine, $today)?->delete();
        });
    }

    public function tickLine(Person $who, RoutineStep $step, bool $isDone): void
    {
        $this->log->change(
            $who,
            ($isDone ? 'Ticked' : 'Unticked')." “{$step->title}”",
            fn() => $step->update(['ticked_on' => $isDone ? $this->workspace->today() : null]),
        );
    }

    /** Makes a checklist blank again. */
    public function startAfresh(Person $who, Routine $routine): void
    {
        $this->log->change($who, "Cleared “{$routine->title}”", static function () use ($routine): void {
            foreach ($routine->steps()->whereNotNull('ticked_on')->get() as $step) {
                $step->update(['ticked_on' => null]);
            }
        });
    }

    /** The open task of a routine whose next times have come: the last of them takes its place, the others were missed. */
    public function catchUp(Task $task, Routine $routine): void
    {
        $on = $task->occurs_on;
        $came = $on === null ? [] : $routine->rhythm()->cameSince($on, $this->workspace->today(), $routine->starts_on);

        if ($on === null || $came === []) {
            return;
        }

        foreach ([$on, ...array_slice($came, 0, -1)] as $missed) {
            $this->keep($routine, $missed, OccurrenceState::Missed);
        }

        $this->moveOn($task, $came[count($came) - 1]);
    }

    /** A task of the routine for a day; null when one is open. One that comes by no rule waits until it is asked for. */
    private function bring(Routine $routine, ?Day $on, bool $isAsked = false): ?Task
    {
        if (($on === null && ! $isAsked) || $routine->tasks()->open()->exists()) {
            return null;
        }

        return $this->piece($routine, $on, $routine->title);
    }

    /** A task made from a routine, with its steps. */
    public function piece(Routine $routine, ?Day $on, string $title): Task
    {
        $today = $this->workspace->today();
        $task = Task::query()->create([
            'title' => $title,
            'routine_id' => $routine->id,
            'owner_id' => $routine->owner_id,
            'visibility' => $routine->visibility,
            'minutes' => $routine->minutes,
            'notes' => $routine->notes,
            'position' => Task::placeAtEnd(null),
            'created_on' => $today,
            'changed_on' => $today,
            ...$this->dated($on),
        ]);

        foreach ($this->stepsOf($routine) as $position => $step) {
            Step::query()->create(['task_id' => $task->id, 'position' => $position, ...$step]);
        }

        return $task;
    }

    /**
     * Its own, or those of its pattern as it is now: a task of the pattern that has no steps is one itself.
     *
     * @return list<array{title: string, pattern_step_id?: int}>
     */
    private function stepsOf(Routine $routine): array
    {
        $pattern = $routine->loadMissing(['steps', 'pattern.tasks.steps'])->pattern;

        if ($pattern === null) {
            return array_values($routine->steps->map(static fn(RoutineStep $step): array => ['title' => $step->title])->all());
        }

        $one = static fn(PatternStep $step): array => ['title' => $step->title, 'pattern_step_id' => $step->id];
        $steps = $pattern->tasks->flatMap(
            static fn(PatternTask $task): array => $task->steps->isEmpty() ? [['title' => $task->title]] : $task->steps->map($one)->all(),
        );

        return array_values($steps->all());
    }

    private function moveOn(Task $task, Day $on): void
    {
        $task->update([...$this->dated($on), 'changed_on' => $this->workspace->today()]);
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

    private function keep(Routine $routine, Day $on, OccurrenceState $state): void
    {
        ($this->kept($routine, $on) ?? new Occurrence(['routine_id' => $routine->id, 'on' => $on]))->fill(['state' => $state])->save();
    }

    /** What is kept of one of its times. */
    private function kept(Routine $routine, Day $on): ?Occurrence
    {
        return Occurrence::query()->where('routine_id', $routine->id)->where('on', (string) $on)->first();
    }
}
