<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * Somebody who takes part in a retrospective, whoever holds it among them.
 *
 * @property int $retrospective_id
 * @property int $person_id
 * @property-read Person $person
 */
final class Participant extends Record
{
    protected $table = 'participants';

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsToPerson('person_id');
    }
}
