<?php

declare(strict_types=1);

namespace App\Queries\Goals;

use App\Models\Goal;
use App\Models\Project;
use App\Models\Task;
use Illuminate\Database\Eloquent\Builder;
use Loftrin\Core\Work\ProjectState;

/** The work of a goal that is on the shelf, as far as it was put there with it: what was there before stays. */
final readonly class ShelvedWith
{
    /** @return Builder<Task> its own tasks that were put on the shelf with it */
    public static function tasks(Goal $goal): Builder
    {
        return Task::query()
            ->where('goal_id', $goal->id)
            ->whereNull('done_on')
            ->whereNull('dropped_on')
            ->where('shelved_on', '>=', (string) $goal->shelved_on)
            ->orderBy('id');
    }

    /** @return Builder<Project> those that contribute to it and were put on the shelf with it, or still run */
    public static function projects(Goal $goal): Builder
    {
        return Project::query()
            ->whereRelation('currentContributions', 'goal_id', $goal->id)
            ->where(
                static fn(Builder $either) => $either
                    ->whereIn('state', ProjectState::OPEN)
                    ->orWhere(
                        static fn(Builder $with) => $with
                            ->where('state', ProjectState::Shelved)
                            ->where('state_on', '>=', (string) $goal->shelved_on),
                    ),
            )
            ->orderBy('id');
    }
}
