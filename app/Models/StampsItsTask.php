<?php

declare(strict_types=1);

namespace App\Models;

/** What belongs to a task: whatever is written of it is activity of the task as well. Rules: computation 8. */
trait StampsItsTask
{
    protected static function bootStampsItsTask(): void
    {
        foreach (['created', 'updated', 'deleted'] as $event) {
            static::registerModelEvent($event, static function (self $record): void {
                $today = app(Workspace::class)->today();

                if ($record->task_id !== null) {
                    Task::query()->where('changed_on', '<', (string) $today)->find($record->task_id)?->update(['changed_on' => $today]);
                }
            });
        }
    }
}
