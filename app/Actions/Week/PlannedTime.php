<?php

declare(strict_types=1);

namespace App\Actions\Week;

use App\Models\Task;
use App\Models\Workspace;
use App\Queries\Parts\Standing;
use App\Store\RefusedChange;
use Loftrin\Core\Calendar\Calendar;
use Loftrin\Core\Calendar\Day;

/** The columns that say when a task is planned for. */
final readonly class PlannedTime
{
    /**
     * @param ?string $at HH:MM; only a day has times
     *
     * @return array{planned: ?string, planned_from: ?Day, planned_to: ?Day, planned_at: ?string}
     *
     * @throws RefusedChange when the name is neither a date nor a period
     */
    public static function columns(Calendar $calendar, ?string $name, ?string $at = null): array
    {
        if ($name === null) {
            return ['planned' => null, 'planned_from' => null, 'planned_to' => null, 'planned_at' => null];
        }

        $planned = RefusedChange::unless('planned', static fn() => $calendar->planned($name));

        return [
            'planned' => (string) $planned,
            'planned_from' => $planned instanceof Day ? $planned : $planned->span->first,
            'planned_to' => $planned instanceof Day ? $planned : $planned->span->last,
            'planned_at' => $planned instanceof Day ? $at : null,
        ];
    }

    /**
     * The same time, counted from today: what it was carried so far is kept in the count, or forgotten.
     *
     * @return array<string, mixed>
     */
    public static function settled(Task $task, Workspace $workspace, bool $forget = false): array
    {
        $standing = Standing::carriedTo($task->planned, $task->planned_to, $task->carried, $workspace);

        return [
            ...self::columns($workspace->calendar(), $standing->in, $standing->in === $task->planned ? $task->planned_at : null),
            'carried' => $forget ? 0 : $standing->carried,
        ];
    }
}
