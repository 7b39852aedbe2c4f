<?php

declare(strict_types=1);

namespace App\Queries\Week;

use App\Models\Person;
use App\Models\Task;
use App\Models\Workspace;
use App\Queries\Lists\OwnTasks;
use App\Queries\Week\Answers\GoalHours;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\DB;
use Loftrin\Core\Calendar\Period;
use Loftrin\Core\Work\Ledger;

/** How much a week plans for each of its goals, whoever does it, as far as the viewer may see the tasks. */
final readonly class HoursForGoals
{
    public function __construct(private Workspace $workspace)
    {
    }

    /**
     * @param list<int> $goals ids
     *
     * @return list<GoalHours> one for each goal, in their order
     */
    public function in(Period $week, array $goals, Person $viewer): array
    {
        if ($goals === []) {
            return [];
        }

        [$planned, $done] = [array_fill_keys($goals, 0), array_fill_keys($goals, 0)];
        $ofProjects = $this->tasks($week, $viewer)
            ->join('contributions', 'contributions.project_id', '=', 'tasks.project_id')
            ->whereIn('contributions.goal_id', $goals)
            ->select(['contributions.goal_id as of_goal', 'tasks.minutes', 'tasks.done_on']);
        $direct = $this->tasks($week, $viewer)
            ->whereIn('tasks.goal_id', $goals)
            ->select(['tasks.goal_id as of_goal', 'tasks.minutes', 'tasks.done_on']);
        $minutes = 'coalesce(minutes, '.Ledger::USUAL_MINUTES.')';

        foreach (
            DB::query()
                ->fromSub($direct->toBase()->unionAll($ofProjects->toBase()), 'planned')
                ->groupBy('of_goal')
                ->selectRaw("of_goal, sum($minutes) as planned, sum(case when done_on is null then 0 else $minutes end) as done")
                ->get() as $row
        ) {
            $planned[(int) $row->of_goal] = (int) $row->planned;
            $done[(int) $row->of_goal] = (int) $row->done;
        }

        return array_map(static fn(int $goal): GoalHours => new GoalHours($goal, $planned[$goal], $done[$goal]), $goals);
    }

    /** @return Builder<Task> done in the week, or open and standing in it */
    private function tasks(Period $week, Person $viewer): Builder
    {
        [$first, $last] = [(string) $week->span->first, (string) $week->span->last];
        $isNow = $week->span->holds($this->workspace->today());

        return Task::query()->visibleTo($viewer)->where(
            static fn(Builder $either) => $either->whereBetween('tasks.done_on', [$first, $last])->orWhere(
                static fn(Builder $open) => $open
                    ->onLists()
                    ->whereRaw(OwnTasks::DAY_OR_WEEK)
                    ->where('planned_from', '<=', $last)
                    ->when(! $isNow, static fn(Builder $query) => $query->where('planned_to', '>=', $first)),
            ),
        );
    }
}
