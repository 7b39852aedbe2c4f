<?php

declare(strict_types=1);

namespace App\Queries\Parts;

use App\Models\Goal;
use App\Models\Project;
use App\Models\Task;

/** Where the page of a goal, a task or a project is. */
final readonly class Address
{
    /** @param bool $isWhole with the server's name, for who reads it elsewhere */
    public static function of(Goal|Task|Project $record, bool $isWhole = false): string
    {
        return match (true) {
            $record instanceof Goal => route('goals.show', $record->id, $isWhole),
            $record instanceof Task => route('tasks.show', $record->id, $isWhole),
            default => route('projects.show', $record->id, $isWhole),
        };
    }
}
