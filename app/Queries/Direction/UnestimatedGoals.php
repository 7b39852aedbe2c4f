<?php

declare(strict_types=1);

namespace App\Queries\Direction;

use App\Models\Contribution;
use App\Models\Goal;
use App\Models\Task;
use Illuminate\Database\Eloquent\Builder;
use Loftrin\Core\Work\ProjectState;

/** Open goals whose work is in no load: nobody has estimated a task for them, for a goal beneath them, or in a project of either. */
final readonly class UnestimatedGoals
{
    /**
     * Only of those that everybody may see, so that all read the same.
     *
     * @param list<string> $periods names
     *
     * @return array<int, int> how many, by owner
     */
    public static function in(array $periods): array
    {
        $parents = Goal::query()->pluck('parent_id', 'id')->all();
        $known = [];

        foreach (self::estimated() as $goal) {
            for ($at = $goal; is_int($at) && ! isset($known[$at]); $at = $parents[$at] ?? null) {
                $known[$at] = true;
            }
        }

        $counts = [];

        foreach (
            Goal::query()
                ->openToAll()
                ->whereNull('closed_on')
                ->whereIn('period', $periods)
                ->get(['id', 'owner_id']) as $goal
        ) {
            if (! isset($known[$goal->id])) {
                $counts[$goal->owner_id] = ($counts[$goal->owner_id] ?? 0) + 1;
            }
        }

        return $counts;
    }

    /** @return list<int> ids of goals for which an open task is estimated, directly or in a project */
    private static function estimated(): array
    {
        $tasks = Task::query()->openToAll()->onLists()->whereNotNull('minutes');
        $direct = (clone $tasks)->whereNotNull('goal_id')->distinct()->pluck('goal_id');
        $through = Contribution::query()
            ->whereIn('project_id', (clone $tasks)->whereNotNull('project_id')->select('project_id'))
            ->whereHas('project', static fn(Builder $project) => $project->whereIn('state', ProjectState::OPEN))
            ->distinct()
            ->pluck('goal_id');

        return array_values(array_filter([...$direct->all(), ...$through->all()], is_int(...)));
    }
}
