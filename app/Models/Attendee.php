<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * @property int $series_id
 * @property int $person_id
 * @property int $position
 * @property bool $is_by_group attends as one of a group
 * @property-read Person $person
 */
final class Attendee extends Record
{
    protected $table = 'attendees';

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsToPerson('person_id');
    }

    protected function casts(): array
    {
        return ['is_by_group' => 'boolean'];
    }
}
