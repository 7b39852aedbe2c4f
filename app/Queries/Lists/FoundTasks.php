<?php

declare(strict_types=1);

namespace App\Queries\Lists;

use App\Models\Goal;
use App\Models\Person;
use App\Models\Task;
use App\Models\Workspace;
use App\Queries\Lists\Answers\Condition;
use App\Queries\Parts\Containing;
use App\Queries\Parts\Planned;
use App\Queries\Plan\Beneath;
use Illuminate\Database\Eloquent\Builder;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Work\Task as CoreTask;

/** The tasks for which all conditions of a saved list hold, of those that the reader may see. */
final readonly class FoundTasks
{
    public function __construct(private Workspace $workspace)
    {
    }

    /**
     * Open ones, unless a condition asks for another state.
     *
     * @param list<Condition> $conditions
     *
     * @return Builder<Task>
     */
    public function by(array $conditions, Person $viewer): Builder
    {
        $query = Task::query()->visibleTo($viewer);

        if (! in_array(ListField::State, array_map(static fn(Condition $condition): ListField => $condition->field, $conditions), true)) {
            $query->onLists();
        }

        foreach ($conditions as $condition) {
            $this->narrow($query, $condition, $viewer);
        }

        return $query;
    }

    /** @param Builder<Task> $query */
    private function narrow(Builder $query, Condition $condition, Person $viewer): void
    {
        $value = $condition->value;
        $today = $this->workspace->today();

        match ($condition->field) {
            ListField::Owner => $query->where('owner_id', $value === 'me' ? $viewer->id : (int) $value),
            ListField::Area => $value === 'none'
                ? $query
                    ->whereDoesntHave('project', static fn(Builder $project) => $project->whereNotNull('area_id'))
                    ->whereDoesntHave('goal', static fn(Builder $goal) => $goal->whereNotNull('area_id'))
                : $query->where(
                    static fn(Builder $either) => $either
                        ->whereHas('project', static fn(Builder $project) => $project->where('area_id', (int) $value))
                        ->orWhereHas('goal', static fn(Builder $goal) => $goal->where('area_id', (int) $value)),
                ),
            // A shared list may name a goal that this reader may not see: nothing is found by what serves it.
            ListField::Thread => Goal::query()->visibleTo($viewer)->whereKey((int) $value)->doesntExist()
                ? $query->whereRaw('1 = 0')
                : $query->where(
                    static fn(Builder $either) => $either
                        ->whereRaw(Beneath::holds('tasks.goal_id'), [(int) $value])
                        ->orWhereHas(
                            'project.currentContributions',
                            static fn(Builder $link) => $link->whereRaw(Beneath::holds('contributions.goal_id'), [(int) $value]),
                        ),
                ),
            ListField::Project => $value === 'none' ? $query->whereNull('project_id') : $query->where('project_id', (int) $value),
            ListField::Due => $this->due($query, $value),
            ListField::Planned => $this->planned($query, $value),
            ListField::Focus => $value === 'none' ? $query->whereNull('focus') : $query->where('focus', $value),
            ListField::Place => Containing::words($query, 'place', $value),
            ListField::Minutes => $query->whereRaw('coalesce(minutes, ?) <= ?', [CoreTask::USUAL_MINUTES, (int) $value]),
            ListField::Rank => $value === 'none' ? $query->whereNull('rank') : $query->where('rank', $value),
            ListField::State => $this->state($query, $value),
            ListField::Age => $query->where('tasks.created_on', '<=', (string) $today->plus(-(int) $value)),
            ListField::NoActivity => $query->where('changed_on', '<=', (string) $today->plus(-(int) $value)),
            ListField::Words => Containing::words($query, 'title', $value),
        };
    }

    /** @param Builder<Task> $query */
    private function state(Builder $query, string $state): void
    {
        match ($state) {
            'now' => $query->canStart($this->workspace->today()),
            'waiting' => $query->onLists()->whereNotNull('waiting_on'),
            'in_progress' => $query->onLists()->whereNotNull('in_progress_since'),
            'to_check' => $query->onLists()->whereNotNull('checked_by_id'),
            'done' => $query->whereNotNull('done_on'),
            'shelved' => $query->whereNull('done_on')->whereNotNull('shelved_on')->whereNull('dropped_on'),
            'dropped' => $query->whereNull('done_on')->whereNotNull('dropped_on'),
            default => $query->onLists(),
        };
    }

    /** @param Builder<Task> $query */
    private function due(Builder $query, string $value): void
    {
        $calendar = $this->workspace->calendar();
        $today = $this->workspace->today();
        $week = $calendar->weekOf($today);
        $within = static fn(Day $first, Day $last): Builder => $query->whereBetween('due_on', [(string) $first, (string) $last]);

        match ($value) {
            'late' => $query->where('due_on', '<', (string) $today),
            'today' => $within($today, $today),
            'week' => $within($week->span->first, $week->span->last),
            'next_week' => $within($calendar->next($week)->span->first, $calendar->next($week)->span->last),
            'month' => $within($today, $today->plus(28)),
            'none' => $query->whereNull('due_on'),
            default => $query->whereNotNull('due_on'),
        };
    }

    /**
     * What was planned for an earlier day or week came along by itself: it stands in the present one.
     *
     * @param Builder<Task> $query
     */
    private function planned(Builder $query, string $value): void
    {
        $calendar = $this->workspace->calendar();
        $today = $this->workspace->today();
        $week = $calendar->weekOf($today);
        $next = $calendar->next($week);
        $until = static fn(Day $last): Builder => $query->whereRaw(Planned::FOR_DAY_OR_WEEK)->where('planned_from', '<=', (string) $last);

        match ($value) {
            'today' => $query->whereRaw(Planned::FOR_DAY)->whereBetween('planned_from', [(string) $week->span->first, (string) $today]),
            'week' => $until($week->span->last),
            'next_week' => $until($next->span->last)->where('planned_from', '>=', (string) $next->span->first),
            'month' => $until($today->plus(28)),
            'none' => $query->whereNull('planned'),
            default => $query->whereNotNull('planned'),
        };
    }
}
