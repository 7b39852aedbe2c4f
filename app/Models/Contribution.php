<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A link from a project to a goal that it serves.
 *
 * @property int $project_id
 * @property int $goal_id
 * @property float|int|string $weight
 * @property-read Project $project
 * @property-read Goal $goal
 */
final class Contribution extends Record
{
    use HoldsForDays;

    protected $table = 'contributions';

    /** @return BelongsTo<Project, $this> */
    public function project(): BelongsTo
    {
        return $this->belongsTo(Project::class);
    }

    /** @return BelongsTo<Goal, $this> */
    public function goal(): BelongsTo
    {
        return $this->belongsTo(Goal::class);
    }
}
