<?php

declare(strict_types=1);

namespace App\Models;

/**
 * What is left undone to make room for a goal.
 *
 * @property int $goal_id
 * @property string $title
 * @property int $person_id whom it concerns
 * @property-read Goal $goal
 * @property-read Person $person
 */
final class TradeOff extends Record
{
    use BelongsToGoal;

    protected $table = 'trade_offs';
}
