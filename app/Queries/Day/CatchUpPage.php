<?php

declare(strict_types=1);

namespace App\Queries\Day;

use App\Models\Person;
use App\Models\Review;
use App\Models\Task;
use App\Models\Workspace;
use App\Queries\Capture\Pending;
use App\Queries\Day\Answers\CatchUpView;
use App\Queries\Meetings\Answers\Occurrence;
use App\Queries\Meetings\Occurrences;
use App\Queries\Parts\Answers\PeriodTag;
use App\Queries\Parts\Answers\PersonTag;
use App\Queries\Parts\Answers\TaskRow;
use App\Queries\Parts\ListedTask;
use App\Queries\Plan\StoredPlans;
use Illuminate\Database\Eloquent\Builder;
use Loftrin\Core\Calendar\Period;
use Loftrin\Core\Calendar\Span;

/** Catching up after an absence, in one pass. */
final readonly class CatchUpPage
{
    public function __construct(
        private Workspace $workspace,
        private Away $away,
        private Occurrences $occurrences,
        private Pending $pending,
        private StoredPlans $plans,
    ) {
    }

    public function of(Person $person): CatchUpView
    {
        $calendar = $this->workspace->calendar();
        $today = $this->workspace->today();
        $week = $calendar->weekOf($today);
        $away = $this->away->of($person);
        $late = $this->late($person);
        $isLate = array_flip(array_column($late, 'id'));

        return new CatchUpView(
            from: $away?->first,
            until: $away?->last,
            meetings: $away === null ? [] : $this->meetings($away, $person),
            weeks: $away === null ? [] : $this->weeks($away, $person),
            tray: $this->pending->tray($person),
            updates: $this->pending->updates($person),
            late: $late,
            carried: array_values(
                array_filter($this->carried($person), static fn(TaskRow $task): bool => $task->carried > 0 && ! isset($isLate[$task->id])),
            ),
            week: $week->name,
            nextWeek: $calendar->next($week)->name,
            people: PersonTag::all(),
        );
    }

    /** @return list<Occurrence> */
    private function meetings(Span $away, Person $person): array
    {
        return array_values(
            array_filter($this->occurrences->within($away, $person), static fn(Occurrence $meeting): bool => $meeting->state !== 'coming'),
        );
    }

    /** @return list<PeriodTag> weeks that ended while they were away and were not reviewed */
    private function weeks(Span $away, Person $person): array
    {
        $calendar = $this->workspace->calendar();
        $today = $this->workspace->today();
        $weeks = array_filter($calendar->weeksIn($away), static fn(Period $week): bool => $week->isOverOn($today));
        $held = Review::query()
            ->where('person_id', $person->id)
            ->whereIn('period', array_map(static fn(Period $week): string => $week->name, $weeks))
            ->whereNotNull('held_at')
            ->pluck('period')
            ->all();

        return array_values(
            array_map(
                static fn(Period $week): PeriodTag => PeriodTag::of($week, $calendar),
                array_filter($weeks, static fn(Period $week): bool => ! in_array($week->name, $held, true)),
            ),
        );
    }

    /** @return list<TaskRow> */
    private function late(Person $person): array
    {
        return $this->rows($person, Task::query()->where('due_on', '<', (string) $this->workspace->today())->orderBy('due_on'));
    }

    /** @return list<TaskRow> what was planned for a time that is over */
    private function carried(Person $person): array
    {
        return $this->rows($person, Task::query()->where('planned_to', '<', (string) $this->workspace->today())->orderBy('planned_to'));
    }

    /**
     * @param Builder<Task> $tasks
     *
     * @return list<TaskRow> those that are the person's own, and open
     */
    private function rows(Person $person, Builder $tasks): array
    {
        $threads = $this->plans->threads($person);

        return array_map(
            fn(ListedTask $task): TaskRow => TaskRow::of($task, $threads, $this->workspace),
            ListedTask::all($tasks->where('owner_id', $person->id)->onLists()->orderBy('id')),
        );
    }
}
