<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A person without an account.
 *
 * @property int $area_id
 * @property ?int $person_id who added it, where that is known
 * @property string $name
 * @property ?string $what what they are or do
 * @property ?string $email
 * @property ?string $phone
 * @property-read Area $area
 */
final class Contact extends Record
{
    protected $table = 'contacts';

    /** @return BelongsTo<Area, $this> */
    public function area(): BelongsTo
    {
        return $this->belongsTo(Area::class);
    }
}
