<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * @property int $series_id
 * @property int $position
 * @property string $title
 * @property int $minutes
 * @property ?int $owner_id
 * @property ?int $goal_id
 * @property-read ?Person $owner
 * @property-read ?Goal $goal
 */
final class StandingItem extends Record
{
    protected $table = 'standing_items';

    /** @return BelongsTo<Person, $this> */
    public function owner(): BelongsTo
    {
        return $this->belongsToPerson('owner_id');
    }

    /** @return BelongsTo<Goal, $this> */
    public function goal(): BelongsTo
    {
        return $this->belongsTo(Goal::class);
    }
}
