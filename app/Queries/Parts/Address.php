<?php

declare(strict_types=1);

namespace App\Queries\Parts;

use App\Models\Goal;
use App\Models\Issue;
use App\Models\Project;
use App\Models\Task;
use Loftrin\Core\Calendar\Day;

/** Where the page of a goal, a task, a project or an issue is. */
final class Address
{
    /**
     * @var array<string, string> as "/goals/%d", by the name of the route: a list has many rows, and the router need not be asked for each
     */
    private static array $shapes = [];

    public static function ofGoal(int $goal): string
    {
        return self::numbered('goals.show', $goal);
    }

    public static function ofProject(int $project): string
    {
        return self::numbered('projects.show', $project);
    }

    /**
     * Where a figure is explained as of a day.
     *
     * @param 'goals'|'projects' $of
     */
    public static function ofFigure(string $of, int $id, Day $on): string
    {
        return self::numbered("$of.figure", $id)."?on=$on";
    }

    private static function numbered(string $route, int $id): string
    {
        return sprintf(self::$shapes[$route] ??= str_replace('/0', '/%d', route($route, 0, false)), $id);
    }

    /** @param bool $isWhole with the server's name, for who reads it elsewhere */
    public static function of(Goal|Task|Project|Issue $record, bool $isWhole = false): string
    {
        return match (true) {
            $record instanceof Goal => route('goals.show', $record->id, $isWhole),
            $record instanceof Task => route('tasks.show', $record->id, $isWhole),
            $record instanceof Issue => route('issues.show', $record->id, $isWhole),
            default => route('projects.show', $record->id, $isWhole),
        };
    }
}
