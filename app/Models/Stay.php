<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsDay;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Loftrin\Core\Calendar\Day;

/**
 * A goal at which a task stood until it was carried on with it. Rules: computation, at its head.
 *
 * @property int $task_id
 * @property int $goal_id
 * @property ?Day $since_on null for always
 * @property Day $until_on
 * @property-read Task $task
 * @property-read Goal $goal
 */
final class Stay extends Record
{
    protected $table = 'stays';

    /** @return BelongsTo<Task, $this> */
    public function task(): BelongsTo
    {
        return $this->belongsTo(Task::class);
    }

    /** @return BelongsTo<Goal, $this> */
    public function goal(): BelongsTo
    {
        return $this->belongsTo(Goal::class);
    }

    protected function casts(): array
    {
        return ['since_on' => AsDay::class, 'until_on' => AsDay::class];
    }
}
