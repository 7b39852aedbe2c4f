<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsDay;
use Loftrin\Core\Calendar\Day;

/**
 * A dated point for a project to reach.
 *
 * @property int $project_id
 * @property string $title
 * @property Day $on
 * @property ?Day $reached_on
 * @property-read Project $project
 */
final class Milestone extends Record
{
    use BelongsToProject;

    protected $table = 'milestones';

    protected function casts(): array
    {
        return ['on' => AsDay::class, 'reached_on' => AsDay::class];
    }
}
