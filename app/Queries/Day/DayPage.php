<?php

declare(strict_types=1);

namespace App\Queries\Day;

use App\Models\Absence;
use App\Models\FocusSession;
use App\Models\LogLine;
use App\Models\PeriodWords;
use App\Models\Person;
use App\Models\PersonWeek;
use App\Models\ProtectedHours;
use App\Models\Task;
use App\Models\Workspace;
use App\Queries\Capture\CameBack;
use App\Queries\Day\Answers\AbsenceRow;
use App\Queries\Day\Answers\DayView;
use App\Queries\Day\Answers\FocusSessionRow;
use App\Queries\Day\Answers\LogRow;
use App\Queries\Direction\Answers\LongTerm;
use App\Queries\Meetings\Occurrences;
use App\Queries\Parts\Answers\PeriodTag;
use App\Queries\Parts\Answers\ProtectedHoursRow;
use App\Queries\Parts\Answers\TaskRow;
use App\Queries\Parts\ListedTask;
use App\Queries\Plan\StoredPlans;
use App\Queries\Week\Answers\WeekDay;
use App\Queries\Week\RecurringTasksPage;
use App\Queries\Week\WeekGoals;
use App\Queries\Week\WeekPlan;
use App\Queries\Week\WeekPlans;
use App\Store\Question;
use App\Store\Remembered;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Calendar\Span;

/** What a day of a person holds; of today also which pass is due. */
final readonly class DayPage
{
    public function __construct(
        private Workspace $workspace,
        private StoredPlans $plans,
        private WeekPlans $weeks,
        private WeekGoals $goals,
        private Occurrences $occurrences,
        private DuePasses $passes,
        private HoursOfDay $hours,
        private Evening $evening,
        private Habits $habits,
        private PickUp $pickUp,
        private RecurringTasksPage $recurringTasks,
        private CameBack $cameBack,
        private Remembered $remembered,
    ) {
    }

    public function of(Person $viewer, Day $on): DayView
    {
        $today = $this->workspace->today();
        $isToday = $on->number === $today->number;
        $isEvening = $isToday && $this->workspace->now()->format('H:i') >= Evening::FROM;
        // A meeting that has passed unheld is no longer next: so is said within five minutes.
        $clock = $isToday ? $this->workspace->aboutNow() : '';
        // All but what the clock moves is kept until anything is changed.
        $parts = $this->remembered->of(
            Question::by($viewer, 'day', $on, $clock, $isEvening),
            fn(): DayParts => $this->parts($viewer, $on, $isToday, $isEvening),
        );
        $running = FocusSession::query()->where('person_id', $viewer->id)->whereNull('ended_at')->first();
        $session = $running === null ? null : FocusSessionRow::of($running, $this->workspace);
        $isOn = $running !== null && $running->on->number === $on->number;
        $ran = $isOn && $session !== null ? [...$parts->sessions, $session] : $parts->sessions;

        return new DayView(
            on: $on,
            isToday: $isToday,
            isPast: $on->isBefore($today),
            week: $parts->week,
            words: $parts->words,
            longTerm: $parts->longTerm,
            passes: $parts->passes,
            mainThing: $parts->main?->task,
            isChosen: $parts->main->isChosen ?? false,
            tasks: $parts->tasks,
            late: $parts->late,
            meetings: $parts->day->meetings,
            appointments: $parts->day->appointments,
            weekGoals: $parts->weekGoals,
            available: $parts->day->available,
            planned: $parts->day->planned,
            free: $parts->day->free,
            due: $parts->due,
            hours: $this->hours->of($parts->day, [...$parts->attended, ...HoursOfDay::ofSessions($ran)]),
            running: $session,
            sessions: $parts->sessions,
            log: $parts->log,
            evening: $parts->evening,
            habits: $parts->habits,
            pickUp: $parts->pickUp,
            absences: $parts->absences,
            kept: $parts->kept,
            daily: $parts->daily,
            alerts: $parts->alerts,
        );
    }

    private function parts(Person $viewer, Day $on, bool $isToday, bool $isEvening): DayParts
    {
        $period = $this->workspace->calendar()->weekOf($on);

        if ($isToday) {
            // All meetings that the day shows or looks ahead to, at once.
            $this->occurrences->within(new Span($period->span->first, $on->plus(DuePasses::AHEAD)), $viewer);
        }

        $week = $this->weeks->of($period, $viewer, $viewer);
        $goals = $this->goals->of($period, $viewer, $viewer);
        $words = PersonWeek::wordsOf($viewer, $period->name) ?? PeriodWords::wordsOf($period->name);
        $day = $this->day($week, $on);
        $tasks = $day->tasks;
        // What has its time stands in that order, the rest as it is after it.
        usort(
            $tasks,
            static fn(TaskRow $a, TaskRow $b): int => [$a->plannedAt === null, $a->plannedAt] <=> [$b->plannedAt === null, $b->plannedAt],
        );

        return new DayParts(
            day: $day,
            week: PeriodTag::of($period, $this->workspace->calendar()),
            words: $words,
            longTerm: LongTerm::of($this->workspace),
            passes: $isToday ? $this->passes->of($viewer, new PresentWeek($period, $words, $goals, $week), $isEvening) : [],
            main: MainThing::of($viewer, $on, $tasks),
            tasks: $tasks,
            late: $isToday ? $this->late($viewer, $on, $day) : [],
            due: $on->isBefore($this->workspace->today()) ? [] : self::dueOn($week, $on),
            weekGoals: $goals,
            sessions: $this->sessions($viewer, $on),
            attended: $this->hours->attended($viewer, $on),
            log: $this->log($viewer, $on),
            evening: $this->evening->of($viewer, $on, $isEvening || $on->isBefore($this->workspace->today())),
            habits: $this->habits->of($viewer, $on),
            pickUp: $isToday ? $this->pickUp->of($viewer) : [],
            absences: $this->absences($viewer, $on),
            daily: $isToday ? $this->recurringTasks->daily($viewer) : [],
            alerts: $isToday ? $this->cameBack->to($viewer) : [],
            kept: array_values(ProtectedHours::query()->of($viewer->id)->get()->map(ProtectedHoursRow::of(...))->all()),
        );
    }

    private function day(WeekPlan $week, Day $on): WeekDay
    {
        foreach ($week->days as $day) {
            if ($day->on->number === $on->number) {
                return $day;
            }
        }

        $today = $this->workspace->today();

        return new WeekDay(
            on: $on,
            isToday: $on->number === $today->number,
            isPast: $on->isBefore($today),
            meetings: [],
            appointments: [],
            tasks: [],
            available: 0,
            planned: 0,
            free: 0,
        );
    }

    /** @return list<FocusSessionRow> those that are over */
    private function sessions(Person $viewer, Day $on): array
    {
        $ended = FocusSession::query()
            ->where('person_id', $viewer->id)
            ->where('on', (string) $on)
            ->whereNotNull('ended_at')
            ->orderBy('begun_at')
            ->orderBy('id')
            ->get();

        return array_values(
            $ended->map(fn(FocusSession $session): FocusSessionRow => FocusSessionRow::of($session, $this->workspace))->all(),
        );
    }

    /** @return list<LogRow> */
    private function log(Person $viewer, Day $on): array
    {
        $lines = LogLine::query()->where('person_id', $viewer->id)->where('on', (string) $on)->orderBy('at')->orderBy('id')->get();

        return array_values($lines->map(LogRow::of(...))->all());
    }

    /** @return list<AbsenceRow> those that are not over on the day */
    private function absences(Person $viewer, Day $on): array
    {
        $absences = Absence::query()->where('person_id', $viewer->id)->where('last_on', '>=', (string) $on)->orderBy('first_on')->get();

        return array_values(
            $absences
                ->map(static fn(Absence $absence): AbsenceRow => new AbsenceRow($absence->id, $absence->first_on, $absence->last_on))
                ->all(),
        );
    }

    /** @return list<TaskRow> what has no time planned and is due on the day */
    private static function dueOn(WeekPlan $week, Day $on): array
    {
        return array_values(array_filter($week->due, static fn(TaskRow $task): bool => $task->dueOn?->number === $on->number));
    }

    /** @return list<TaskRow> what is late and does not stand in the day already */
    private function late(Person $viewer, Day $today, WeekDay $day): array
    {
        $threads = $this->plans->threads($viewer);
        $late = Task::query()
            ->where('owner_id', $viewer->id)
            ->onLists()
            ->where('due_on', '<', (string) $today)
            ->whereKeyNot(array_column($day->tasks, 'id'))
            ->orderBy('due_on')
            ->orderBy('id');

        return array_map(fn(ListedTask $task): TaskRow => TaskRow::of($task, $threads, $this->workspace), ListedTask::all($late));
    }
}
