<?php

declare(strict_types=1);

namespace App\Queries\Day;

use App\Models\Person;
use App\Models\Review;
use App\Models\Task;
use App\Models\Workspace;
use App\Queries\Capture\Pending;
use App\Queries\Day\Answers\DayView;
use App\Queries\Day\Answers\DuePass;
use App\Queries\Direction\Answers\LongTerm;
use App\Queries\Goals\StoredPlans;
use App\Queries\Meetings\Answers\Occurrence;
use App\Queries\Meetings\Occurrences;
use App\Queries\Parts\Answers\TaskRow;
use App\Queries\Parts\ListedTask;
use App\Queries\People\NotificationsPage;
use App\Queries\Reviews\FirstDay;
use App\Queries\Week\Answers\WeekDay;
use App\Queries\Week\Answers\WeekView;
use App\Queries\Week\RecurringTasksPage;
use App\Queries\Week\WeekPage;
use Illuminate\Support\Str;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Calendar\Period;
use Loftrin\Core\Calendar\Span;

/** Knows which pass is due, and what today holds. */
final readonly class DayPage
{
    /** How far ahead the next meeting is looked for, in days. */
    private const AHEAD = 14;

    public function __construct(
        private Workspace $workspace,
        private StoredPlans $plans,
        private WeekPage $weeks,
        private Occurrences $occurrences,
        private QuarterPasses $quarters,
        private RecurringTasksPage $recurringTasks,
        private NotificationsPage $told,
        private Pending $pending,
        private FirstDay $firstDay,
    ) {
    }

    public function of(Person $viewer): DayView
    {
        $today = $this->workspace->today();
        $period = $this->workspace->calendar()->weekOf($today);
        // All meetings that the day shows or looks ahead to, at once.
        $this->occurrences->within(new Span($period->span->first, $today->plus(self::AHEAD)), $viewer);
        $week = $this->weeks->of($period, $viewer, $viewer);
        $day = $this->today($week, $today);
        $tasks = $day->tasks;
        // What has its time stands in that order, the rest as it is after it.
        usort(
            $tasks,
            static fn(TaskRow $a, TaskRow $b): int => [$a->plannedAt === null, $a->plannedAt] <=> [$b->plannedAt === null, $b->plannedAt],
        );
        $main = MainThing::of($viewer, $today, $tasks);

        return new DayView(
            on: $today,
            week: $week->week->words,
            words: $week->words,
            longTerm: LongTerm::of($this->workspace),
            passes: $this->passes($viewer, $period, $week),
            mainThing: $main?->task,
            isChosen: $main->isChosen ?? false,
            tasks: $tasks,
            late: array_values(
                array_filter(
                    $this->late($viewer, $today),
                    static fn(TaskRow $late): bool => ! in_array($late->id, array_column($day->tasks, 'id'), true),
                ),
            ),
            meetings: $day->meetings,
            weekGoals: $week->goals,
            available: $day->available,
            planned: $day->planned,
            free: $day->free,
            daily: $this->recurringTasks->daily($viewer),
            alerts: $this->told->due($viewer),
        );
    }

    private function today(WeekView $week, Day $today): WeekDay
    {
        foreach ($week->days as $day) {
            if ($day->isToday) {
                return $day;
            }
        }

        return new WeekDay(on: $today, isToday: true, isPast: false, meetings: [], tasks: [], available: 0, planned: 0, free: 0);
    }

    /** @return list<TaskRow> */
    private function late(Person $viewer, Day $today): array
    {
        $threads = $this->plans->threads($viewer);

        $late = Task::query()
            ->where('owner_id', $viewer->id)
            ->onLists()
            ->where('due_on', '<', (string) $today)
            ->orderBy('due_on')
            ->orderBy('id');

        return array_map(fn(ListedTask $task): TaskRow => TaskRow::ofListed($task, $threads, $this->workspace), ListedTask::all($late));
    }

    /** @return list<DuePass> */
    private function passes(Person $viewer, Period $period, WeekView $week): array
    {
        $passes = array_values(
            array_filter([
                $this->meeting($viewer),
                $this->tray($viewer),
                $this->plan($week),
                $this->review($viewer, $period),
                ...$this->quarters->of($viewer),
            ]),
        );
        usort($passes, static fn(DuePass $a, DuePass $b): int => $b->isDue <=> $a->isDue);

        return $passes;
    }

    private function tray(Person $viewer): DuePass
    {
        $count = $this->pending->jots($viewer);

        return new DuePass(
            'tray',
            'Sort the tray',
            match ($count) {
                0 => 'Nothing to sort',
                default => self::count($count, 'item'),
            },
            route('tray', absolute: false),
            $count > 0,
        );
    }

    private function plan(WeekView $week): DuePass
    {
        $planned = array_sum(array_map(static fn(WeekDay $day): int => count($day->tasks), $week->days)) + count($week->noDay);
        $asking = count(array_filter($week->carriedOver, static fn(TaskRow $task): bool => $task->asks));
        $isDue = $week->words === null || $week->goals === [] || $planned === 0;
        $detail = match (true) {
            $week->goals === [] => 'No goals yet',
            $week->words === null => 'Nothing said about it yet',
            $asking > 0 => self::count($planned, 'task').", $asking carried over 3 times or more",
            default => self::count(count($week->goals), 'goal').', '.self::count($planned, 'task'),
        };

        return new DuePass('plan', 'Plan '.lcfirst($week->week->words), $detail, route('week.show', $week->week->name, false), $isDue);
    }

    private static function count(int $number, string $of): string
    {
        return "$number ".Str::plural($of, $number);
    }

    private function meeting(Person $viewer): ?DuePass
    {
        $today = $this->workspace->today();
        $coming = array_values(
            array_filter(
                $this->occurrences->within(new Span($today, $today->plus(self::AHEAD)), $viewer),
                static fn(Occurrence $meeting): bool => $meeting->state !== 'closed',
            ),
        );

        if ($coming === []) {
            return null;
        }

        $next = $coming[0];
        $when = $next->on->number === $today->number ? 'today' : date('D j M', $next->on->number * 86400);

        return new DuePass(
            'meeting',
            $next->title,
            $next->state === 'running' ? 'in progress' : "$when at $next->time, $next->minutes min",
            $next->link,
            $next->on->number === $today->number,
        );
    }

    /** Last week's review until it is held; this week's from its last working day on. */
    private function review(Person $viewer, Period $week): DuePass
    {
        $calendar = $this->workspace->calendar();
        $today = $this->workspace->today();
        $last = $calendar->previous($week);
        $held = Review::query()
            ->where('person_id', $viewer->id)
            ->whereIn('period', [$last->name, $week->name])
            ->whereNotNull('held_at')
            ->pluck('period')
            ->all();
        $daysLeft = $today->number === $week->span->last->number ? 0 : $calendar->workingDays(new Span($today->plus(1), $week->span->last));
        $of = in_array($last->name, $held, true) || ! $this->firstDay->isBy($last->span->last, $viewer) ? $week : $last;
        $isHeld = in_array($of->name, $held, true);

        return new DuePass(
            'review',
            'Review week '.(int) substr($of->name, 6),
            match (true) {
                $isHeld => 'Held',
                $of === $last => 'Not reviewed yet',
                default => 'Due when the week ends',
            },
            route('reviews.show', $of->name, false),
            ! $isHeld && ($of === $last || $daysLeft === 0),
        );
    }
}
