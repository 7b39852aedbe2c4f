<?php

declare(strict_types=1);

namespace App\Queries\Direction;

use App\Models\Goal;
use App\Models\Issue;
use App\Models\Jot;
use App\Models\Project;
use App\Models\Task;
use Loftrin\Core\Meetings\Outcome;

/** What can lie on the shelf. */
enum ShelfKind: string
{
    case Idea = 'idea';
    case Task = 'task';
    case Project = 'project';
    case Goal = 'goal';
    case Issue = 'issue';

    /** The record of that number. Whether a person may see it or change it is for its policy to say. */
    public function find(int $id): Jot|Task|Project|Goal|Issue
    {
        return match ($this) {
            self::Idea => Jot::query()->ownTray()->whereNull('sorted_on')->findOrFail($id),
            self::Task => Task::query()->findOrFail($id),
            self::Project => Project::query()->findOrFail($id),
            self::Goal => Goal::query()->whereNotNull('shelved_on')->findOrFail($id),
            self::Issue => Issue::query()->where('outcome', Outcome::Shelved)->findOrFail($id),
        };
    }
}
