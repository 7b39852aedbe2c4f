<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsDay;
use Loftrin\Core\Calendar\Day;

/**
 * One time that a recurring task was due, and what became of it.
 *
 * @property int $recurring_task_id
 * @property Day $on
 * @property OccurrenceState $state
 */
final class Occurrence extends Record
{
    protected $table = 'occurrences';

    protected function casts(): array
    {
        return ['on' => AsDay::class, 'state' => OccurrenceState::class];
    }
}
