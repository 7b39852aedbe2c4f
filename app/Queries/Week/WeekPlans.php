<?php

declare(strict_types=1);

namespace App\Queries\Week;

use App\Models\Person;
use App\Models\Workspace;
use App\Queries\Hours\Capacities;
use App\Queries\Parts\Answers\TaskRow;
use App\Queries\Parts\ListedTask;
use App\Queries\Plan\StoredPlans;
use App\Queries\Week\Answers\WeekDay;
use App\Queries\Week\Answers\WeekHours;
use App\Store\Question;
use App\Store\Remembered;
use Loftrin\Core\Calendar\Period;

/** What weeks of people hold: the week shows it, and so does whatever plans into a week or asks what is free in it. */
final readonly class WeekPlans
{
    public function __construct(
        private Workspace $workspace,
        private StoredPlans $plans,
        private WeekTasks $tasks,
        private WeekDays $days,
        private Capacities $capacities,
        private Remembered $remembered,
    ) {
    }

    /** @param Person $whose the person whose tasks and meetings are shown, as far as the viewer may see them */
    public function of(Period $week, Person $viewer, Person $whose): WeekPlan
    {
        return $this->remembered->of(
            Question::by($viewer, 'plan of a week', $week->name, $whose->id),
            fn(): WeekPlan => $this->workOut($week, $viewer, $whose),
        );
    }

    /** @return list<WeekDay> what is left of a person's present week */
    public function left(Person $whose): array
    {
        $plan = $this->of($this->workspace->calendar()->weekOf($this->workspace->today()), $whose, $whose);

        return array_values(array_filter($plan->days, static fn(WeekDay $day): bool => ! $day->isPast));
    }

    private function workOut(Period $week, Person $viewer, Person $whose): WeekPlan
    {
        $threads = $this->plans->threads($viewer, $week);
        $tasks = $this->tasks->of($week, $viewer, $whose);
        $row = fn(ListedTask $task): TaskRow => TaskRow::of($task, $threads, $this->workspace);
        $rows = array_map(
            $row,
            ListedTask::all($week->isOverOn($this->workspace->today()) ? $tasks->whereNotNull('done_on') : $tasks),
        );
        $byDay = WeekDays::byDay($week, $rows);
        $isOver = $week->isOverOn($this->workspace->today());

        return new WeekPlan(
            tasks: $rows,
            days: $this->days->of($week, $viewer, $whose, $byDay),
            noDay: $byDay[''] ?? [],
            due: $isOver ? [] : array_map($row, ListedTask::all($this->tasks->due($week, $viewer, $whose))),
            hours: $isOver ? null : $this->hours($week, $viewer, $whose),
        );
    }

    private function hours(Period $week, Person $viewer, Person $whose): WeekHours
    {
        $capacity = $this->capacities->week($week)[$whose->id];

        return $viewer->is($whose) ? WeekHours::of($capacity, $this->capacities->noDay($whose->id, $week)) : WeekHours::toOthers($capacity);
    }
}
