<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsDay;
use Loftrin\Core\Calendar\Day;

/**
 * A meeting of a series that is not as the rule has it: cancelled, or on another day or at another time.
 *
 * @property int $series_id
 * @property Day $on as the rule has it
 * @property ?Day $moved_to null when it is cancelled
 * @property ?string $time HH:MM, if it is another one
 * @property ?string $reason
 */
final class MeetingException extends Record
{
    protected $table = 'exceptions';

    protected function casts(): array
    {
        return ['on' => AsDay::class, 'moved_to' => AsDay::class];
    }
}
