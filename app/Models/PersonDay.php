<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsDay;
use Loftrin\Core\Calendar\Day;

/**
 * What one chose for a day of one's own: nobody else's to see.
 *
 * @property int $person_id
 * @property Day $on
 * @property ?int $main_task_id its main thing
 */
final class PersonDay extends Record
{
    protected $table = 'person_days';

    protected function casts(): array
    {
        return ['on' => AsDay::class];
    }
}
