<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsDay;
use Loftrin\Core\Calendar\Day;

/**
 * What a goal rests on; it is tested by a date, and ends with what was seen.
 *
 * @property int $goal_id
 * @property string $title
 * @property Day $test_on by which it is tested
 * @property ?string $seen
 * @property ?Day $seen_on
 * @property int $person_id who tests it
 * @property-read Goal $goal
 * @property-read Person $person
 */
final class Assumption extends Record
{
    use BelongsToGoal;

    protected $table = 'assumptions';

    protected function casts(): array
    {
        return ['test_on' => AsDay::class, 'seen_on' => AsDay::class];
    }
}
