<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * Who is expected at a meeting and whether they were there: somebody with an account, or a guest.
 *
 * @property int $meeting_id
 * @property ?int $person_id
 * @property ?string $guest the name of one who has no account
 * @property bool $was_there
 * @property-read ?Person $person
 */
final class Attendance extends Record
{
    protected $table = 'attendances';

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsToPerson('person_id');
    }

    public function name(): string
    {
        return $this->person->name ?? (string) $this->guest;
    }

    protected function casts(): array
    {
        return [
            'was_there' => 'boolean',
        ];
    }
}
