<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * The goal that a recurring task serves.
 *
 * @property int $recurring_task_id
 * @property int $goal_id
 * @property float|int|string $weight
 * @property-read Goal $goal
 */
final class RecurringTaskContribution extends Record
{
    use HoldsForDays;

    protected $table = 'recurring_task_contributions';

    /** @return BelongsTo<RecurringTask, $this> */
    public function recurringTask(): BelongsTo
    {
        return $this->belongsTo(RecurringTask::class);
    }

    /** @return BelongsTo<Goal, $this> */
    public function goal(): BelongsTo
    {
        return $this->belongsTo(Goal::class);
    }
}
