<?php

declare(strict_types=1);

namespace App\Queries\Hours;

use App\Models\Workspace;
use App\Queries\Parts\Planned;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Calendar\Period;
use Loftrin\Core\Work\Capacity;
use Loftrin\Core\Work\Carrying;
use Loftrin\Core\Work\ProjectState;
use Loftrin\Core\Work\Task;
use stdClass;

/**
 * Where people's open tasks stand, in minutes: on the day or in the week that they are planned for, carried along where that is over;
 * with no time planned, in the week in which they are due. What is late counts in the current week, also where it is planned for a later
 * one. Rules: computation 8 and 10.
 */
final readonly class PlacedTasks
{
    private const MINUTES = 'coalesce(tasks.minutes, '.Task::USUAL_MINUTES.')';

    private const STEPS = '(select count(*) from steps where steps.task_id = tasks.id)';

    private const OPEN_STEPS = '(select count(*) from steps where steps.task_id = tasks.id and steps.done_on is null)';

    public function __construct(private Workspace $workspace)
    {
    }

    /** @return list<stdClass> owner_id, place (a date, or the name of a week), main_effort_id and minutes */
    public function all(): array
    {
        $calendar = $this->workspace->calendar();
        [$place, $bindings] = $this->place();
        $placed = self::open()
            ->selectRaw("tasks.owner_id, tasks.main_effort_id, $place as place", $bindings)
            ->selectRaw(self::left().' as minutes');

        $rows = DB::query()
            ->fromSub($placed, 'placed')
            ->whereNotNull('place')
            ->groupBy(['owner_id', 'place', 'main_effort_id'])
            ->selectRaw('owner_id, place, main_effort_id, sum(minutes) as minutes')
            ->get();

        foreach ($rows as $row) {
            $due = str_starts_with((string) $row->place, 'due ') ? Day::of(substr((string) $row->place, 4)) : null;
            $row->place = $due === null ? $row->place : $calendar->weekOf($due)->name;
        }

        return array_values($rows->all());
    }

    /** Open tasks that are not in a project that was put aside. */
    public static function open(): Builder
    {
        return DB::table('tasks')
            ->leftJoin('projects', 'projects.id', '=', 'tasks.project_id')
            ->whereNull('tasks.done_on')
            ->whereNull('tasks.dropped_on')
            ->whereNull('tasks.shelved_on')
            ->where(static fn($either) => $either->whereNull('projects.state')->orWhereNotIn('projects.state', ProjectState::ASIDE));
    }

    /** What a task still takes, in whole minutes, rounded as {@see Capacity::left} does. */
    public static function left(): string
    {
        [$minutes, $steps, $open] = [self::MINUTES, self::STEPS, self::OPEN_STEPS];

        return "(case when $steps = 0 then $minutes else (2 * $minutes * $open + $steps) / (2 * $steps) end)";
    }

    /** @return array{string, list<string>} an expression of SQL with its bindings: null where it stands in no week */
    private function place(): array
    {
        $today = $this->workspace->today();
        $week = $this->workspace->calendar()->weekOf($today);
        $cases = [
            [
                'tasks.due_on < ? and (planned is null or not '.Planned::FOR_DAY_OR_WEEK.' or planned_from > ?)',
                '?',
                [(string) $today, (string) $week->span->last, $week->name],
            ],
            ['length(planned) = 10 and planned_from >= ?', 'planned', [(string) $today]],
            ['length(planned) = 10 and planned_from >= ?', '?', [(string) $week->span->first, $this->carried($week, $today)]],
            [Planned::FOR_DAY_OR_WEEK.' and planned_to < ?', '?', [(string) $today, $week->name]],
            [Planned::FOR_DAY_OR_WEEK, 'planned', []],
            ['planned is null', "'due ' || cast(tasks.due_on as text)", []],
        ];
        $sql = implode(' ', array_map(static fn(array $case): string => "when $case[0] then $case[1]", $cases));

        return ["case $sql end", array_merge(...array_column($cases, 2))];
    }

    /** Where what was planned for a day of this week that is over stands by now. */
    private function carried(Period $week, Day $today): string
    {
        return $today->number === $week->span->first->number
            ? (string) $today
            : (string) (new Carrying($this->workspace->calendar()))->day($week->span->first, $today);
    }
}
