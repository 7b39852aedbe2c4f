<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Loftrin\Core\Meetings\Shown;

/**
 * @property int $series_id
 * @property int $position
 * @property string $title
 * @property int $minutes
 * @property ?int $owner_id
 * @property ?int $goal_id
 * @property ?int $project_id to be looked at
 * @property ?Shown $shows what is looked at besides a goal or a project
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
        return ['shows' => Shown::class];
    }
}
