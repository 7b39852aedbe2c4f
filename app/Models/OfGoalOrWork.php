<?php

declare(strict_types=1);

namespace App\Models;

/**
 * A record of a goal, a task or a project, made by a person.
 *
 * @property ?int $goal_id
 * @property-read ?Goal $goal
 */
trait OfGoalOrWork
{
    use BelongsToGoal, OfTaskOrProject {
        OfTaskOrProject::person insteadof BelongsToGoal;
    }

    /** What it is a record of. */
    public function about(): Goal|Task|Project
    {
        return $this->goal ?? $this->work();
    }
}
