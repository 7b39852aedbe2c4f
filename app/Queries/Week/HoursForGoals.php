<?php

declare(strict_types=1);

namespace App\Queries\Week;

use App\Models\Person;
use App\Models\Task;
use App\Queries\Week\Answers\GoalHours;
use Illuminate\Support\Facades\DB;
use Loftrin\Core\Calendar\Period;
use Loftrin\Core\Work\Task as CoreTask;

/** How much a week plans for each of its goals, whoever does it, as far as the viewer may see the tasks. */
final readonly class HoursForGoals
{
    public function __construct(private WeekTasks $tasks)
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
        $ofProjects = $this->tasks
            ->standing(Task::query()->visibleTo($viewer), $week)
            ->join('contributions', 'contributions.project_id', '=', 'tasks.project_id')
            ->whereIn('contributions.goal_id', $goals)
            ->whereNull('contributions.until_on')
            ->select(['contributions.goal_id as of_goal', 'tasks.minutes', 'tasks.done_on']);
        $direct = $this->tasks
            ->standing(Task::query()->visibleTo($viewer), $week)
            ->whereIn('tasks.goal_id', $goals)
            ->select(['tasks.goal_id as of_goal', 'tasks.minutes', 'tasks.done_on']);
        $minutes = 'coalesce(minutes, '.CoreTask::USUAL_MINUTES.')';

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
}
