<?php

declare(strict_types=1);

namespace App\Models;

/**
 * One of the few activities that carry a goal.
 *
 * @property int $goal_id
 * @property string $title
 * @property float|int|string|null $hours meant for it, a week
 * @property int $person_id who answers for it
 * @property-read Goal $goal
 * @property-read Person $person
 */
final class MainEffort extends Record
{
    use BelongsToGoal;

    protected $table = 'main_efforts';
}
