<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * A responsibility one holds for good, a client, or a role that a person wears.
 *
 * @property string $name
 * @property AreaKind $kind
 * @property ?int $owner_id
 * @property ?string $notes
 * @property-read ?Person $owner
 * @property-read Collection<int, Contact> $contacts
 */
final class Area extends Record
{
    protected $table = 'areas';

    /** @return BelongsTo<Person, $this> */
    public function owner(): BelongsTo
    {
        return $this->belongsToPerson('owner_id');
    }

    /** @return HasMany<Contact, $this> */
    public function contacts(): HasMany
    {
        return $this->hasMany(Contact::class)->orderBy('name');
    }

    protected function casts(): array
    {
        return ['kind' => AreaKind::class];
    }
}
