<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * Somebody to whom a report was sent.
 *
 * @property int $report_id
 * @property ?int $person_id
 * @property ?string $outside somebody without an account: their name, and the address in angle brackets
 * @property-read ?Person $person
 */
final class Recipient extends Record
{
    protected $table = 'recipients';

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsToPerson('person_id');
    }
}
