<?php

declare(strict_types=1);

namespace App\Queries\Direction;

use App\Models\Area;
use App\Models\Contact;
use App\Models\Goal;
use App\Models\Jot;
use App\Models\Person;
use App\Models\Project;
use App\Models\RecurringTask;
use App\Models\Task;
use App\Models\Workspace;
use App\Queries\Direction\Answers\AreaRow;
use App\Queries\Direction\Answers\AreaView;
use App\Queries\Goals\GoalRows;
use App\Queries\Hours\WorkDone;
use App\Queries\Meetings\MeetingsOf;
use App\Queries\Parts\Answers\ContactRow;
use App\Queries\Parts\Answers\PersonTag;
use App\Queries\Parts\Answers\TaskRow;
use App\Queries\Parts\ListedTask;
use App\Queries\Parts\Planned;
use App\Queries\Plan\OutlinedGoal;
use App\Queries\Plan\StoredPlans;
use App\Queries\Projects\ListedProject;
use App\Queries\Projects\RegisterRows;
use App\Queries\Projects\WorkCounts;
use App\Queries\Week\RecurringTasksPage;
use App\Store\Question;
use App\Store\Remembered;
use Illuminate\Database\Eloquent\Builder;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Calendar\Span;
use Loftrin\Core\Work\ProjectState;

final readonly class AreaPage
{
    /** How far back one looks, in days. */
    private const BACK = 28;

    /** How many tasks are listed, of those ahead and of those done. */
    private const LISTED = 30;

    public function __construct(
        private Workspace $workspace,
        private StoredPlans $plans,
        private RegisterRows $register,
        private WorkDone $workDone,
        private RecurringTasksPage $recurringTasks,
        private GoalRows $goals,
        private WorkCounts $counts,
        private MeetingsOf $meetings,
        private Remembered $remembered,
    ) {
    }

    public function of(Area $area, Person $viewer): AreaView
    {
        return $this->remembered->of(Question::by($viewer, 'area', $area->id), fn(): AreaView => $this->workOut($area, $viewer));
    }

    private function workOut(Area $area, Person $viewer): AreaView
    {
        $today = $this->workspace->today();
        $calendar = $this->workspace->calendar();
        $week = $calendar->weekOf($today);
        $threads = $this->plans->threads($viewer);
        $open = $threads->where(static fn(OutlinedGoal $goal): bool => $goal->area === $area->id && $goal->isOpen);
        $goals = array_values($this->goals->only($open, $week, $viewer, $today));
        $projects = ListedProject::all(
            Project::query()->visibleTo($viewer)->where('area_id', $area->id)->whereIn('state', ProjectState::OPEN),
        );
        $work = $this->counts->of(array_keys($projects));
        $back = new Span($today->plus(-self::BACK), $today);
        $served = $this->workDone->inArea($area, $back);
        $ahead = $this->ahead($area, $viewer, $week->span->last);
        $done = $this->done($area, $viewer, $back);
        $listed = array_slice($ahead, 0, self::LISTED);
        $tasks = array_column(ListedTask::all(Task::query()->whereIntegerInRaw('id', [...$listed, ...$done])), null, 'id');
        $row = fn(int $id): TaskRow => TaskRow::of($tasks[$id], $threads, $this->workspace);
        $tray = Jot::query()->inTray($area)->orderBy('id')->get();

        return new AreaView(
            area: AreaRow::of($area, count($goals), count($projects), $tray->count()),
            notes: $area->notes ?? '',
            contacts: array_values($area->contacts->map(static fn(Contact $contact): ContactRow => ContactRow::of($contact))->all()),
            tray: array_values($tray->map(static fn(Jot $jot): string => $jot->words)->all()),
            goals: $goals,
            projects: array_values($this->register->of($projects, $work, $threads)),
            thisWeek: array_map($row, $listed),
            done: array_map($row, $done),
            forward: $served['threaded'],
            upkeep: $served['minutes'] - $served['threaded'],
            people: PersonTag::all(),
            mayChange: $viewer->isLead() || $area->owner_id === $viewer->id,
            recurringTasks: $this->recurringTasks->for($viewer, 'area_id', $area->id),
            thisWeekMore: count($ahead) - count($listed),
            meetings: $this->meetings->of($area, $viewer),
        );
    }

    /**
     * What is planned or due by the last day of the week, what matters most first. What belongs to its projects, to its goals
     * and to what comes back in it is each found by an index.
     *
     * @return list<int> ids
     */
    private function ahead(Area $area, Person $viewer, Day $last): array
    {
        $found = static fn(string $column, Builder $within): Builder => Task::query()
            ->select('id')
            ->onLists()
            ->whereIn($column, $within->where('area_id', $area->id)->select('id'))
            ->where(
                static fn(Builder $either) => $either
                    ->where(
                        static fn(Builder $planned) => $planned
                            ->where('planned_from', '<=', (string) $last)
                            ->whereRaw(Planned::FOR_DAY_OR_WEEK),
                    )
                    ->orWhere('due_on', '<=', (string) $last),
            );

        return self::ids(
            Task::query()
                ->visibleTo($viewer)
                ->whereIn(
                    'id',
                    $found('project_id', Project::query())
                        ->unionAll($found('goal_id', Goal::query()))
                        ->unionAll($found('recurring_task_id', RecurringTask::query())),
                )
                ->orderByRaw('rank is null, rank')
                ->orderBy('id'),
        );
    }

    /** @return list<int> ids of what was done in a span, the latest first */
    private function done(Area $area, Person $viewer, Span $span): array
    {
        return self::ids(
            Task::query()
                ->visibleTo($viewer)
                ->where(
                    static fn(Builder $either) => $either
                        ->whereHas('project', static fn(Builder $project) => $project->where('area_id', $area->id))
                        ->orWhereHas('goal', static fn(Builder $goal) => $goal->where('area_id', $area->id))
                        ->orWhereHas('recurringTask', static fn(Builder $recurring) => $recurring->where('area_id', $area->id)),
                )
                ->whereBetween('done_on', [(string) $span->first, (string) $span->last])
                ->orderByDesc('done_on')
                ->orderByDesc('id')
                ->limit(self::LISTED),
        );
    }

    /**
     * @param Builder<Task>|Builder<Project> $records
     *
     * @return list<int>
     */
    private static function ids(Builder $records): array
    {
        return array_map(intval(...), array_column($records->toBase()->get('id')->all(), 'id'));
    }
}
