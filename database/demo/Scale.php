<?php

declare(strict_types=1);

namespace Database\Demo;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;
use Loftrin\Core\Calendar\Calendar;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Calendar\Horizon;
use Loftrin\Core\Calendar\Period;

/** A workspace as large as one gets: 30 people, three years, 500 goals, 800 projects, 800 meetings, and so many tasks. */
final class Scale
{
    private const PEOPLE = 30;

    private const PROJECTS = 800;

    private const MEETINGS = 800;

    private const SERIES = 5;

    /** By horizon, for each of the three years. */
    private const GOALS = ['year' => 6, 'quarter' => 40, 'week' => 121];

    /** Tables before those that refer to them. */
    private const ORDER = [
        'workspaces', 'people', 'areas', 'goals', 'projects', 'contributions', 'stages', 'tasks', 'series', 'attendees', 'meetings',
    ];

    /** How many rows are inserted at once. */
    private const CHUNK = 400;

    /** @var array<string, list<array<string, mixed>>> */
    private array $waiting = [];

    private readonly Calendar $calendar;

    private readonly Dice $dice;

    public function __construct(private readonly Day $today)
    {
        $this->calendar = new Calendar();
        $this->dice = new Dice(20271);
    }

    public static function load(Day $today, int $tasks): void
    {
        DB::transaction(static fn() => (new self($today))->fill($tasks));
    }

    private function fill(int $tasks): void
    {
        $this->company();
        $years = [-2, -1, 0];
        $quarterGoals = array_merge(
            ...array_map(fn(int $away): array => $this->goals($this->calendar->year($this->today->year() + $away)), $years),
        );
        $this->flush();

        for ($project = 1; $project <= self::PROJECTS; $project++) {
            $this->project($project, $quarterGoals[$project % count($quarterGoals)], intdiv($tasks, self::PROJECTS));
        }

        $this->meetings();
        $this->flush();
        array_map(Numbers::goOn(...), self::ORDER);
    }

    private function company(): void
    {
        $this->row('workspaces', [
            'name' => 'Saltglass Instruments', 'timezone' => 'UTC', 'week_starts_on' => 'monday', 'year_starts_in' => 1,
            'working_days' => '["monday","tuesday","wednesday","thursday","friday"]', 'holidays' => '[]',
        ]);
        $password = Hash::make(People::PASSWORD);

        for ($number = 1; $number <= self::PEOPLE; $number++) {
            $this->row('people', [
                'id' => $number, 'name' => "Person $number", 'initials' => 'P'.$number % 10, 'email' => "person$number@saltglass.example",
                'password' => $password, 'role' => $number <= 3 ? 'lead' : 'member', 'weekly_hours' => 40,
            ]);
        }

        foreach (['Moorings', 'Sales', 'Product', 'Workshop', 'Team', 'Service'] as $place => $name) {
            $this->row('areas', ['id' => $place + 1, 'name' => $name, 'kind' => 'area', 'owner_id' => $place + 1]);
        }

        $this->flush();
    }

    /** @return list<array{int, Period}> the year's quarter goals */
    private function goals(Period $year): array
    {
        $offset = DB::table('goals')->count() + count($this->waiting['goals'] ?? []);
        $quarters = [];
        $weeks = $this->calendar->weeksIn($year->span);

        for ($number = 1; $number <= self::GOALS['year']; $number++) {
            $this->goal($offset + $number, $year, null);
        }

        for ($number = 1; $number <= self::GOALS['quarter']; $number++) {
            $id = $offset + self::GOALS['year'] + $number;
            $quarter = $this->calendar->periodOf(Horizon::Quarter, $year->span->first->plus(($number % 4) * 92));
            $this->goal($id, $quarter, $offset + 1 + $number % self::GOALS['year']);
            $quarters[] = [$id, $quarter];
        }

        for ($number = 1; $number <= self::GOALS['week']; $number++) {
            $week = $weeks[$number % count($weeks)];
            $under = array_values(array_filter($quarters, static fn(array $quarter): bool => $quarter[1]->holds($week)));
            $this->goal(
                $offset + self::GOALS['year'] + self::GOALS['quarter'] + $number,
                $week,
                $under === [] ? null : $under[$number % count($under)][0],
            );
        }

        return $quarters;
    }

    private function goal(int $id, Period $period, ?int $parent): void
    {
        $isOver = $period->isOverOn($this->today);
        $this->row('goals', [
            'id' => $id, 'title' => "Goal $id of $period", 'scope' => 'company', 'visibility' => 'everyone',
            'horizon' => $period->horizon->value, 'period' => $period->name,
            'starts_on' => (string) $period->span->first, 'ends_on' => (string) $period->span->last,
            'anchor_on' => (string) $period->anchor(), 'parent_id' => $parent,
            'owner_id' => 1 + $id % self::PEOPLE, 'area_id' => 1 + $id % 6, 'measure' => 'work',
            'closed_on' => $isOver ? (string) $period->span->last : null, 'result' => $isOver ? 'in_part' : null,
        ]);
    }

    /** @param array{int, Period} $serves */
    private function project(int $id, array $serves, int $tasks): void
    {
        [$goal, $period] = $serves;
        $isOver = $period->isOverOn($this->today);
        $owner = 1 + $id % self::PEOPLE;
        $this->row('projects', [
            'id' => $id, 'title' => "Project $id", 'owner_id' => $owner, 'area_id' => 1 + $id % 6,
            'weighing' => $id % 2 === 0 ? 'count' : 'effort', 'order' => $id % 3 === 0 ? 'staged' : 'any',
            'state' => $isOver ? 'done' : 'active', 'state_on' => (string) ($isOver ? $period->span->last : $period->span->first),
            'starts_on' => (string) $period->span->first, 'due_on' => (string) $period->span->last,
        ]);
        $this->row('contributions', ['project_id' => $id, 'goal_id' => $goal, 'weight' => 1]);

        foreach (['Prepare', 'Make', 'Hand over'] as $position => $name) {
            $this->row('stages', ['id' => $id * 3 + $position, 'project_id' => $id, 'position' => $position, 'name' => $name]);
        }

        for ($number = 0; $number < $tasks; $number++) {
            $this->task(project: $id, owner: $owner, number: $number, of: $tasks, period: $period, isOver: $isOver);
        }
    }

    private function task(int $project, int $owner, int $number, int $of, Period $period, bool $isOver): void
    {
        $isDone = $isOver || $this->dice->between(1, 100) <= 55;
        $created = $period->span->first;
        $until = $isOver ? $period->span->last : $this->today;
        $done = $isDone ? Day::ofNumber($this->dice->between(min($created->number, $until->number), $until->number)) : null;
        $week = $isDone || $this->dice->between(1, 3) === 1
            ? null
            : $this->calendar->weekOf($this->today->plus(7 * $this->dice->between(-2, 6)));
        $this->row('tasks', [
            'title' => "Task $number of project $project", 'project_id' => $project,
            'stage_id' => $project * 3 + intdiv($number * 3, max(1, $of)), 'position' => $number,
            'owner_id' => 1 + ($owner + $number % 4) % self::PEOPLE, 'visibility' => 'everyone',
            'created_on' => (string) $created, 'done_on' => $done === null ? null : (string) $done, 'planned' => $week?->name,
            'planned_from' => $week === null ? null : (string) $week->span->first,
            'planned_to' => $week === null ? null : (string) $week->span->last,
            'due_on' => $this->dice->between(1, 5) === 1 ? (string) $period->span->last : null,
            'minutes' => 15 * $this->dice->between(1, 8), 'rank' => [null, 'A', 'B', 'C'][$number % 4],
            'changed_on' => (string) ($done ?? $created),
        ]);
    }

    private function meetings(): void
    {
        for ($series = 1; $series <= self::SERIES; $series++) {
            $weeks = intdiv(self::MEETINGS, self::SERIES);
            $this->row('series', [
                'id' => $series, 'title' => "Series $series", 'rule' => 'FREQ=WEEKLY;BYDAY=MO',
                'starts_on' => (string) $this->calendar->weekOf($this->today->plus(-7 * $weeks))->span->first, 'time' => '09:15',
                'minutes' => 45, 'is_private' => 0,
            ]);

            for ($person = 1; $person <= 8; $person++) {
                $this->row('attendees', [
                    'series_id' => $series, 'person_id' => 1 + ($series * 5 + $person) % self::PEOPLE, 'position' => $person,
                ]);
            }

            for ($back = 1; $back <= $weeks; $back++) {
                $on = $this->calendar->weekOf($this->today->plus(-7 * $back))->span->first;
                $this->row('meetings', [
                    'series_id' => $series, 'on' => (string) $on, 'time' => '09:15', 'minutes' => 45, 'opened_at' => "$on 09:15:00",
                    'closed_at' => "$on 10:00:00",
                ]);
            }
        }
    }

    /** @param array<string, mixed> $columns */
    private function row(string $table, array $columns): void
    {
        $this->waiting[$table][] = [...$columns, 'created_at' => "$this->today 06:00:00", 'updated_at' => "$this->today 06:00:00"];

        if (count($this->waiting[$table]) >= self::CHUNK && $table === 'tasks') {
            $this->flush();
        }
    }

    private function flush(): void
    {
        foreach (self::ORDER as $table) {
            foreach (array_chunk($this->waiting[$table] ?? [], self::CHUNK) as $chunk) {
                DB::table($table)->insert($chunk);
            }
        }

        $this->waiting = [];
    }
}
