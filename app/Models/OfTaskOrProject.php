<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;
use LogicException;

/**
 * A record of one task or of one project.
 *
 * @property ?int $task_id
 * @property ?int $project_id
 * @property-read ?Task $task
 * @property-read ?Project $project
 */
trait OfTaskOrProject
{
    use BelongsToProject;

    /** @return BelongsTo<Task, $this> */
    public function task(): BelongsTo
    {
        return $this->belongsTo(Task::class);
    }

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsToPerson('person_id');
    }

    /** The task or the project. */
    public function work(): Task|Project
    {
        return $this->task ?? ($this->project ?? throw new LogicException('This must belong to a task or a project.'));
    }

    /** It is seen by those who see what it belongs to. */
    public function isVisibleTo(Person $person): bool
    {
        return $this->work()->isVisibleTo($person);
    }
}
