<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A record of a goal, a task, a project or an issue, made by a person.
 *
 * @property ?int $goal_id
 * @property ?int $issue_id
 * @property-read ?Goal $goal
 * @property-read ?Issue $issue
 */
trait OfGoalOrWork
{
    use BelongsToGoal, OfTaskOrProject {
        OfTaskOrProject::person insteadof BelongsToGoal;
    }

    /** @return BelongsTo<Issue, $this> */
    public function issue(): BelongsTo
    {
        return $this->belongsTo(Issue::class);
    }

    /** What it is a record of. */
    public function about(): Goal|Task|Project|Issue
    {
        return $this->goal ?? ($this->issue ?? $this->work());
    }
}
