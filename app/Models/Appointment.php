<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsDay;
use Loftrin\Core\Calendar\Day;

/**
 * Time of a person that is taken, and is no meeting of the team's. Others see the time as busy, and not for what.
 *
 * @property int $person_id
 * @property string $title
 * @property Day $on
 * @property string $at HH:MM on the wall clock
 * @property int $minutes
 */
final class Appointment extends Record
{
    protected $table = 'appointments';

    protected function casts(): array
    {
        return ['on' => AsDay::class];
    }
}
