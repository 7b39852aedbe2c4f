<?php

declare(strict_types=1);

namespace App\Queries\Week;

use App\Models\PeriodWords;
use App\Models\Person;
use App\Models\Review;
use App\Models\Series;
use App\Models\Task;
use App\Models\Workspace;
use App\Queries\Direction\Resolves;
use App\Queries\Goals\GoalRow;
use App\Queries\Goals\GoalRows;
use App\Queries\Goals\OutlinedGoal;
use App\Queries\Goals\StoredPlans;
use App\Queries\Meetings\Occurrence;
use App\Queries\Meetings\Occurrences;
use App\Queries\Parts\PeriodTag;
use App\Queries\Parts\PersonTag;
use App\Queries\Parts\TaskRow;
use Illuminate\Database\Eloquent\Collection;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Calendar\Period;
use Loftrin\Core\Calendar\Span;
use Loftrin\Core\Work\BusyTime;
use Loftrin\Core\Work\DayHours;

/** A person's week: its goals, what came along, and what is planned on which day. */
final readonly class WeekPage
{
    private const ORDINALS = ['first', 'second', 'third', 'fourth', 'fifth', 'sixth', 'seventh'];

    private const NUMBERS = ['no day', 'one', 'two', 'three', 'four', 'five', 'six', 'seven'];

    public function __construct(
        private Workspace $workspace,
        private StoredPlans $plans,
        private WeekTasks $tasks,
        private Occurrences $occurrences,
        private Resolves $resolves,
        private GoalRows $goals,
    ) {
    }

    /** @param Person $whose the person whose tasks and meetings are shown, as far as the viewer may see them */
    public function of(Period $week, Person $viewer, Person $whose): WeekView
    {
        $calendar = $this->workspace->calendar();
        $today = $this->workspace->today();
        $threads = $this->plans->threads($viewer, $week);
        $row = fn(Task $task): TaskRow => TaskRow::of($task, $threads, $this->workspace);
        $isPast = $week->isOverOn($today);
        $isNow = $week->span->holds($today);
        $tasks = $this->tasks->of($week, $viewer, $whose);
        $offered = $isPast ? [] : $this->tasks->offered($week, $viewer, $whose);
        (new Collection([...$tasks, ...$offered]))->load(TaskRow::NEEDS);
        $rows = array_map($row, $isPast ? array_filter($tasks, static fn(Task $task): bool => $task->done_on !== null) : $tasks);
        $byDay = $this->byDay($week, $rows);

        return new WeekView(
            PeriodTag::of($week, $calendar),
            match (true) {
                $isPast => 'past',
                $isNow => 'now',
                default => 'ahead',
            },
            $isNow ? $this->place($week, $today) : null,
            PeriodWords::query()->firstWhere('period', $week->name)?->words,
            PersonTag::of($whose),
            $this->goals($week, $viewer, $whose),
            $this->resolves->inWeek($week->span, $whose),
            $isNow ? $this->cameAlong($rows) : [],
            $this->days($week, $viewer, $whose, $byDay),
            $byDay[''] ?? [],
            array_map($row, $offered),
            $isPast ? array_values(array_map($row, array_filter($tasks, static fn(Task $task): bool => $task->done_on === null))) : [],
            PersonTag::all(),
            Review::query()->where('person_id', $viewer->id)->where('period', $week->name)->whereNotNull('held_at')->exists(),
        );
    }

    private function place(Period $week, Day $today): ?string
    {
        $calendar = $this->workspace->calendar();
        $days = $calendar->workingDays($week->span);

        return $calendar->isWorkingDay($today)
            ? self::ORDINALS[$calendar->workingDaysBefore($week->span, $today)].' day of '.self::NUMBERS[$days]
            : null;
    }

    /** @return list<GoalRow> the company's and the person's own, firm ones first */
    private function goals(Period $week, Person $viewer, Person $whose): array
    {
        $ofWeek = $this->plans->threads($viewer, $week)->where(static fn(OutlinedGoal $goal): bool => $goal->period === $week->name);
        $rows = $this->goals->only($ofWeek, $week, $viewer, $this->workspace->today());
        usort($rows, static fn(GoalRow $a, GoalRow $b): int => [! $a->isFirm, $a->owner->id !== $whose->id, $a->id] <=> [! $b->isFirm, $b->owner->id !== $whose->id, $b->id]);

        return $rows;
    }

    /**
     * @param array<TaskRow> $rows
     *
     * @return list<TaskRow>
     */
    private function cameAlong(array $rows): array
    {
        $carried = array_filter($rows, static fn(TaskRow $row): bool => $row->carried > 0 && ! $row->isDone && ! $row->isAside);
        usort($carried, static fn(TaskRow $a, TaskRow $b): int => $b->carried <=> $a->carried);

        return $carried;
    }

    /**
     * The tasks by the day on which they stand: done ones where they were planned, or else when they were done.
     *
     * @param array<TaskRow> $rows
     *
     * @return array<string, list<TaskRow>> by date; those with no day under ""
     */
    private function byDay(Period $week, array $rows): array
    {
        $days = [];

        foreach ($rows as $row) {
            $planned = Day::tryOf($row->planned ?? '');
            $on = match (true) {
                $planned !== null && $week->span->holds($planned) => $planned,
                $row->doneOn !== null && $week->span->holds($row->doneOn) => $row->doneOn,
                default => null,
            };
            $days[(string) $on][] = $row;
        }

        return $days;
    }

    /**
     * @param array<string, list<TaskRow>> $byDay
     *
     * @return list<WeekDay>
     */
    private function days(Period $week, Person $viewer, Person $whose, array $byDay): array
    {
        $calendar = $this->workspace->calendar();
        $today = $this->workspace->today();
        $meetings = $this->meetings($week->span, $viewer, $whose);
        $hours = intdiv($whose->weekly_hours * 60, max(1, count($calendar->workingDays)));
        $days = [];

        for ($day = $week->span->first; ! $day->isAfter($week->span->last); $day = $day->plus(1)) {
            $tasks = $byDay[(string) $day] ?? [];
            $held = $meetings[(string) $day] ?? [];

            if (! $calendar->isWorkingDay($day) && $tasks === [] && $held === []) {
                continue;
            }

            $left = array_map(static fn(TaskRow $row): int => $row->isDone ? 0 : DayHours::left($row->minutes, $row->stepsDone, $row->steps), $tasks);
            $load = new DayHours(
                $calendar->isWorkingDay($day) ? $hours : 0,
                BusyTime::minutes(array_map(static fn(Occurrence $meeting): array => [$meeting->time, $meeting->minutes], $held)),
                array_sum($left),
            );
            $days[] = new WeekDay($day, $day->number === $today->number, $day->isBefore($today), $held, $tasks, $load->available, $load->planned, $load->free());
        }

        return $days;
    }

    /** @return array<string, list<Occurrence>> by date; of another person only those that the viewer may know of */
    private function meetings(Span $span, Person $viewer, Person $whose): array
    {
        $known = $viewer->is($whose) ? null : Series::query()->visibleTo($viewer)->pluck('id')->flip();
        $meetings = [];

        foreach ($this->occurrences->within($span, $whose) as $meeting) {
            if ($known === null || $known->has($meeting->seriesId)) {
                $meetings[(string) $meeting->on][] = $meeting;
            }
        }

        return $meetings;
    }
}
