<?php

declare(strict_types=1);

namespace App\Models;

/**
 * A person who wants to hear of what happens to a goal.
 *
 * @property int $goal_id
 * @property int $person_id
 * @property-read Goal $goal
 * @property-read Person $person
 */
final class Following extends Record
{
    use BelongsToGoal;

    protected $table = 'followings';
}
