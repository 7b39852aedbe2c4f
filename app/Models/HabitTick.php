<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsDay;
use Loftrin\Core\Calendar\Day;

/**
 * How often a habit was done on a day.
 *
 * @property int $habit_id
 * @property Day $on
 * @property int $count
 */
final class HabitTick extends Record
{
    protected $table = 'habit_ticks';

    protected function casts(): array
    {
        return ['on' => AsDay::class];
    }
}
