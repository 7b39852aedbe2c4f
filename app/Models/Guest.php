<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A contact who attends the meetings of a series.
 *
 * @property int $series_id
 * @property int $contact_id
 * @property-read Contact $contact
 */
final class Guest extends Record
{
    protected $table = 'guests';

    /** @return BelongsTo<Contact, $this> */
    public function contact(): BelongsTo
    {
        return $this->belongsTo(Contact::class);
    }
}
