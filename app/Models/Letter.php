<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * A letter that was sent. What is sent cannot be taken back: it is no part of a change that can.
 *
 * @property ?int $person_id to whom
 * @property ?string $outside to whom, of somebody without an account
 * @property ?int $by_id who sent it to somebody without an account
 * @property string $subject
 * @property string $body
 * @property Carbon $created_at
 * @property-read ?Person $person
 */
final class Letter extends Record
{
    protected $table = 'letters';

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsToPerson('person_id');
    }
}
