<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;

/**
 * One task that waits for another.
 *
 * @property int $task_id
 * @property int $after_id
 */
final class Dependency extends Record
{
    protected $table = 'dependencies';

    /**
     * Those whose other task is still open: until it is done or dropped, the one that waits cannot start.
     *
     * @param Builder<self> $query
     */
    protected function scopeUnfinished(Builder $query): void
    {
        $query->whereRaw(
            'exists (select 1 from tasks a where a.id = dependencies.after_id and a.done_on is null and a.dropped_on is null)',
        );
    }
}
