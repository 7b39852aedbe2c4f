<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsDay;
use Loftrin\Core\Calendar\Day;

/**
 * With what chance the owner says that a goal will be met in time.
 *
 * @property int $goal_id
 * @property int $person_id
 * @property Day $on
 * @property int $chance per cent
 * @property ?int $computed per cent, as it was computed then
 * @property ?string $line
 * @property-read Goal $goal
 * @property-read Person $person
 */
final class Estimate extends Record
{
    use BelongsToGoal;

    protected $table = 'estimates';

    protected function casts(): array
    {
        return ['on' => AsDay::class];
    }
}
