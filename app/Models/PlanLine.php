<?php

declare(strict_types=1);

namespace App\Models;

/**
 * A line of a project's plan: no task until it is promoted.
 *
 * @property int $project_id
 * @property string $title
 * @property ?int $task_id
 * @property-read Project $project
 */
final class PlanLine extends Record
{
    use BelongsToProject;

    protected $table = 'plan_lines';
}
