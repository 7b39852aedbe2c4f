<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * The goal that a routine serves.
 *
 * @property int $routine_id
 * @property int $goal_id
 * @property float|int|string $weight
 * @property-read Goal $goal
 */
final class RoutineServing extends Record
{
    protected $table = 'routine_servings';

    /** @return BelongsTo<Goal, $this> */
    public function goal(): BelongsTo
    {
        return $this->belongsTo(Goal::class);
    }
}
