<?php

declare(strict_types=1);

namespace App\Queries\Week;

use App\Models\PeriodWords;
use App\Models\Person;
use App\Models\PersonWeek;
use App\Models\Review;
use App\Models\Task;
use App\Models\Workspace;
use App\Queries\Goals\AskedGoals;
use App\Queries\Goals\GoalPartsOf;
use App\Queries\Parts\Answers\PeriodTag;
use App\Queries\Parts\Answers\PersonTag;
use App\Queries\Parts\Answers\TaskRow;
use App\Queries\Parts\ListedTask;
use App\Queries\Plan\StoredPlans;
use App\Queries\Week\Answers\LeftRow;
use App\Queries\Week\Answers\WeekView;
use App\Store\Question;
use App\Store\Remembered;
use Illuminate\Database\Eloquent\Builder;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Calendar\Period;
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
        private WeekPlans $weeks,
        private WeekGoals $goals,
        private GoalPartsOf $parts,
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
            Question::by($viewer, 'week', $week->name, $whose->id),
            fn(): WeekView => $this->workOut($week, $viewer, $whose),
        );
    }

    private function workOut(Period $week, Person $viewer, Person $whose): WeekView
    {
        $calendar = $this->workspace->calendar();
        $today = $this->workspace->today();
        $threads = $this->plans->threads($viewer, $week);
        $row = fn(ListedTask $task): TaskRow => TaskRow::of($task, $threads, $this->workspace);
        $isPast = $week->isOverOn($today);
        $isNow = $week->span->holds($today);
        $plan = $this->weeks->of($week, $viewer, $whose);
        $goals = $this->goals->of($week, $viewer, $whose);
        $kept = $isPast ? $this->kept->of($week, $viewer, $whose) : null;

        return new WeekView(
            week: PeriodTag::of($week, $calendar),
            when: match (true) {
                $isPast => 'past',
                $isNow => 'now',
                default => 'ahead',
            },
            place: $isNow ? $this->place($week, $today) : null,
            words: PeriodWords::wordsOf($week->name),
            whose: PersonTag::of($whose),
            line: PersonWeek::wordsOf($viewer, $week->name),
            goals: $goals,
            goalHours: $this->hours->in($week, array_column($goals, 'id'), $viewer),
            parts: $this->parts->inWeek($week->span, $whose, $viewer),
            carriedOver: $isNow ? $plan->carriedOver() : [],
            days: $plan->days,
            hours: $plan->hours,
            due: $plan->due,
            noDay: $plan->noDay,
            offered: array_map($row, $isPast ? [] : $this->tasks->offered($week, $viewer, $whose)),
            left: match (true) {
                ! $isPast => [],
                $kept === null => $this->stillOpen($week, $viewer, $whose, $row),
                default => $this->left($week, $viewer, $whose, $row),
            },
            kept: $kept,
            pace: $isPast ? null : $this->kept->pace($week, $viewer, $whose, $plan->minutes()),
            people: PersonTag::all(),
            asked: $isNow && $viewer->id === $whose->id && $this->asked->isDue($week) ? $this->asked->of($viewer, $week) : [],
            passed: $isPast ? $this->passed->of($week, $viewer, $viewer->id === $whose->id) : null,
            isReviewed: Review::query()->where('person_id', $viewer->id)->where('period', $week->name)->whereNotNull('held_at')->exists(),
        );
    }

    /**
     * What was planned for a past week and not done in it, as it was kept. What was entered afterwards as done in it was done in it.
     *
     * @param callable(ListedTask): TaskRow $row
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
            ->orderBy('id');

        return array_map(
            static fn(ListedTask $task): LeftRow => LeftRow::of($row($task), $outcomes[$task->id]),
            ListedTask::all($left),
        );
    }

    /**
     * Of a week that was not kept, what is open to this day.
     *
     * @param callable(ListedTask): TaskRow $row
     *
     * @return list<LeftRow>
     */
    private function stillOpen(Period $week, Person $viewer, Person $whose, callable $row): array
    {
        return array_map(
            static fn(ListedTask $task): LeftRow => LeftRow::of($row($task), WeekOutcome::Carried),
            ListedTask::all($this->tasks->of($week, $viewer, $whose)->whereNull('done_on')),
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
}
