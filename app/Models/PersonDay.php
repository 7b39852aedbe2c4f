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
 * @property bool $is_caught_up whether they caught up on it, having been away
 */
final class PersonDay extends Record
{
    protected $table = 'person_days';

    /** The row of a person's day, or a new one. */
    public static function at(Person $person, Day $on): self
    {
        return self::query()->where('person_id', $person->id)->where('on', (string) $on)->first() ??
            new self(['person_id' => $person->id, 'on' => $on]);
    }

    protected function casts(): array
    {
        return ['on' => AsDay::class, 'is_caught_up' => 'boolean'];
    }
}
