<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsDay;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Goals\Direction;

/**
 * A goal that is no number, judged in words on a day.
 *
 * @property int $goal_id
 * @property int $person_id
 * @property Day $on
 * @property Direction $direction
 * @property string $line
 * @property-read Goal $goal
 * @property-read Person $person
 */
final class Judgement extends Record
{
    use BelongsToGoal;

    protected $table = 'judgements';

    protected function casts(): array
    {
        return ['on' => AsDay::class, 'direction' => Direction::class];
    }
}
