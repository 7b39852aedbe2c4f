<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * @property int $meeting_id
 * @property int $person_id
 * @property bool $was_there
 * @property-read Person $person
 */
final class Attendance extends Record
{
    protected $table = 'attendances';

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsToPerson('person_id');
    }

    protected function casts(): array
    {
        return [
            'was_there' => 'boolean',
        ];
    }
}
