<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A person in a group.
 *
 * @property int $group_id
 * @property int $person_id
 * @property-read Person $person
 */
final class Membership extends Record
{
    protected $table = 'memberships';

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsToPerson('person_id');
    }
}
