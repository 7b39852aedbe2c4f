<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsDay;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Loftrin\Core\Calendar\Day;

/**
 * @property int $recurring_task_id
 * @property int $position
 * @property string $title
 * @property ?Day $ticked_on of a checklist that is used again
 * @property-read RecurringTask $recurringTask
 */
final class RecurringTaskStep extends Record
{
    protected $table = 'recurring_task_steps';

    /** @return BelongsTo<RecurringTask, $this> */
    public function recurringTask(): BelongsTo
    {
        return $this->belongsTo(RecurringTask::class);
    }

    protected function casts(): array
    {
        return ['ticked_on' => AsDay::class];
    }
}
