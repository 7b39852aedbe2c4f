<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsDay;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Loftrin\Core\Calendar\Day;

/**
 * @property int $goal_id
 * @property Day $on
 * @property float|int|string $fraction
 * @property-read Goal $goal
 */
final class Checkpoint extends Record
{
    protected $table = 'checkpoints';

    /** @return BelongsTo<Goal, $this> */
    public function goal(): BelongsTo
    {
        return $this->belongsTo(Goal::class);
    }

    protected function casts(): array
    {
        return [
            'on' => AsDay::class,
        ];
    }
}
