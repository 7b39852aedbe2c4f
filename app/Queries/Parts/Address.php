<?php

declare(strict_types=1);

namespace App\Queries\Parts;

use App\Models\Goal;
use App\Models\Project;
use App\Models\Task;

/** Where the page of a goal, a task or a project is. */
final class Address
{
    /** @var array<string, string> what stands before the id, by the name of the route: a list has many rows, and the router need not be asked for each */
    private static array $before = [];

    public static function ofGoal(int $goal): string
    {
        return self::numbered('goals.show', $goal);
    }

    public static function ofProject(int $project): string
    {
        return self::numbered('projects.show', $project);
    }

    private static function numbered(string $route, int $id): string
    {
        return (self::$before[$route] ??= substr(route($route, 0, false), 0, -1)).$id;
    }

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
