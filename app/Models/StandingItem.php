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
 * @property ?int $project_id to be looked at
 * @property bool $shows_register whether the register of projects is looked at
 * @property-read ?Person $owner
 * @property-read ?Goal $goal
 * @property-read ?Project $project
 */
final class StandingItem extends Record
{
    use BelongsToProject;

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

    protected function casts(): array
    {
        return ['shows_register' => 'boolean'];
    }
}
