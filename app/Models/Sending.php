<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * Minutes that were sent to somebody. What is sent cannot be taken back.
 *
 * @property int $meeting_id
 * @property int $person_id
 * @property Carbon $sent_at
 * @property-read Person $person
 */
final class Sending extends Record
{
    protected $table = 'sendings';

    public $timestamps = false;

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsToPerson('person_id');
    }

    protected function casts(): array
    {
        return ['sent_at' => 'datetime'];
    }
}
