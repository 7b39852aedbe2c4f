<?php

declare(strict_types=1);

namespace App\Queries\Direction;

use App\Models\Goal;
use App\Models\Jot;
use App\Models\Person;
use App\Models\Project;
use App\Models\Task;
use Illuminate\Support\Facades\Gate;

/** What can lie on the shelf. */
enum ShelfKind: string
{
    case Idea = 'idea';
    case Task = 'task';
    case Project = 'project';
    case Goal = 'goal';

    /** The record, if the person may put it on the shelf or take it off. */
    public function find(int $id, Person $who): Jot|Task|Project|Goal
    {
        $item = match ($this) {
            self::Idea => Jot::query()->where('person_id', $who->id)->whereNull('sorted_on')->findOrFail($id),
            self::Task => Task::query()->visibleTo($who)->findOrFail($id),
            self::Project => Project::query()->findOrFail($id),
            self::Goal => Goal::query()->visibleTo($who)->whereNotNull('shelved_on')->findOrFail($id),
        };

        if (! $item instanceof Jot) {
            Gate::forUser($who)->authorize('update', $item);
        }

        return $item;
    }
}
