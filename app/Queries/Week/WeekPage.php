<?php

declare(strict_types=1);

namespace App\Queries\Week;

use App\Models\PeriodWords;
use App\Models\Person;
use App\Models\PersonWeek;
use App\Models\Review;
use App\Models\Task;
use App\Models\Workspace;
use App\Queries\Goals\Answers\GoalRow;
use App\Queries\Goals\AskedGoals;
use App\Queries\Goals\GoalPartsOf;
use App\Queries\Goals\GoalRows;
use App\Queries\Goals\OutlinedGoal;
use App\Queries\Goals\StoredPlans;
use App\Queries\Parts\Answers\PeriodTag;
use App\Queries\Parts\Answers\PersonTag;
use App\Queries\Parts\Answers\TaskRow;
use App\Queries\Week\Answers\LeftRow;
use App\Queries\Week\Answers\WeekHours;
use App\Queries\Week\Answers\WeekView;
use App\Store\Remembered;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Calendar\Period;
use Loftrin\Core\Work\Ledger;
use Loftrin\Core\Work\WeekOutcome;

/** A person's week: its goals, what came along, and what is planned on which day. */
final readonly class WeekPage
{
    private const ORDINALS = ['first', 'second', 'third', 'fourth', 'fifth', 'sixth', 'seventh'];

    private const NUMBERS = ['no day', 'one', 'two', 'three', 'four', 'five', 'six', 'seven'];

    public function __construct(
        private Workspace $workspace,
        private StoredPlans $plans,
        private WeekTasks $tasks,
        private WeekDays $days,
        private GoalPartsOf $parts,
        private GoalRows $goals,
        private HoursForGoals $hours,
        private KeptWeeks $kept,
        private PassedWeeks $passed,
        private AskedGoals $asked,
        private Remembered $remembered,
    ) {
    }

    /** @param Person $whose the person whose tasks and meetings are shown, as far as the viewer may see them */
    public function of(Period $week, Person $viewer, Person $whose): WeekView
    {
        return $this->remembered->of(
            "week $week->name of $whose->id for $viewer->id",
            fn(): WeekView => $this->workOut($week, $viewer, $whose),
        );
    }

    private function workOut(Period $week, Person $viewer, Person $whose): WeekView
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
        $byDay = $this->days->byDay($week, $rows);
        $days = $this->days->of($week, $viewer, $whose, $byDay);
        $goals = $this->goals($week, $viewer, $whose);
        $kept = $isPast ? $this->kept->of($week, $viewer, $whose) : null;

        return new WeekView(
            week: PeriodTag::of($week, $calendar),
            when: match (true) {
                $isPast => 'past',
                $isNow => 'now',
                default => 'ahead',
            },
            place: $isNow ? $this->place($week, $today) : null,
            words: PeriodWords::query()->firstWhere('period', $week->name)?->words,
            whose: PersonTag::of($whose),
            line: PersonWeek::wordsOf($viewer, $week->name),
            goals: $goals,
            goalHours: $this->hours->in($week, array_column($goals, 'id'), $viewer),
            parts: $this->parts->inWeek($week->span, $whose, $viewer),
            carriedOver: $isNow ? $this->carriedOver($rows) : [],
            days: $days,
            hours: $isPast
                ? null
                : WeekHours::of($days, array_sum(array_map(static fn(TaskRow $row): int => $row->left(), $byDay[''] ?? []))),
            noDay: $byDay[''] ?? [],
            offered: array_map($row, $offered),
            left: match (true) {
                ! $isPast => [],
                $kept === null => self::stillOpen($tasks, $row),
                default => $this->left($week, $viewer, $whose, $row),
            },
            kept: $kept,
            pace: $isPast ? null : $this->kept->pace($week, $viewer, $whose, self::holds($rows)),
            people: PersonTag::all(),
            asked: $isNow && $viewer->id === $whose->id && $this->asked->isDue($week) ? $this->asked->of($viewer, $week) : [],
            passed: $isPast ? $this->passed->of($week, $viewer, $viewer->id === $whose->id) : null,
            isReviewed: Review::query()->where('person_id', $viewer->id)->where('period', $week->name)->whereNotNull('held_at')->exists(),
        );
    }

    /**
     * What was planned for a past week and not done in it, as it was kept. What was entered afterwards as done in it was done in it.
     *
     * @param callable(Task): TaskRow $row
     *
     * @return list<LeftRow>
     */
    private function left(Period $week, Person $viewer, Person $whose, callable $row): array
    {
        $outcomes = $this->kept->left($week, $viewer, $whose);
        $left = Task::query()
            ->whereKey(array_keys($outcomes))
            ->where(
                static fn(Builder $query) => $query
                    ->whereNull('done_on')
                    ->orWhereNotBetween('done_on', [(string) $week->span->first, (string) $week->span->last]),
            )
            ->with(TaskRow::NEEDS)
            ->orderBy('id')
            ->get();

        return array_values($left->map(static fn(Task $task): LeftRow => LeftRow::of($row($task), $outcomes[$task->id]))->all());
    }

    /**
     * Of a week that was not kept, what is open to this day.
     *
     * @param list<Task> $tasks
     * @param callable(Task): TaskRow $row
     *
     * @return list<LeftRow>
     */
    private static function stillOpen(array $tasks, callable $row): array
    {
        return array_map(
            static fn(Task $task): LeftRow => LeftRow::of($row($task), WeekOutcome::Carried),
            array_values(array_filter($tasks, static fn(Task $task): bool => $task->done_on === null)),
        );
    }

    /**
     * What the plan of a week holds, done or not, in minutes.
     *
     * @param array<TaskRow> $rows
     */
    private static function holds(array $rows): int
    {
        return array_sum(
            array_map(
                static fn(TaskRow $row): int => $row->planned === null || $row->isAside ? 0 : $row->minutes ?? Ledger::USUAL_MINUTES,
                $rows,
            ),
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
        usort(
            $rows,
            static fn(GoalRow $a, GoalRow $b): int => [! $a->isFirm, $a->owner->id !== $whose->id, $a->id] <=> [
                ! $b->isFirm,
                $b->owner->id !== $whose->id,
                $b->id,
            ],
        );

        return $rows;
    }

    /**
     * @param array<TaskRow> $rows
     *
     * @return list<TaskRow>
     */
    private function carriedOver(array $rows): array
    {
        $carried = array_filter($rows, static fn(TaskRow $row): bool => $row->carried > 0 && ! $row->isDone && ! $row->isAside);
        usort($carried, static fn(TaskRow $a, TaskRow $b): int => $b->carried <=> $a->carried);

        return $carried;
    }
}
