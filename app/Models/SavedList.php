<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A list of tasks built from conditions, one's own or shared.
 *
 * @property int $owner_id
 * @property Visibility $visibility
 * @property string $title
 * @property list<array{field: string, value: string}> $conditions all of them hold
 * @property string $sort
 * @property ?string $group
 * @property-read Person $owner
 */
final class SavedList extends Record
{
    use MayBePrivate;

    protected $table = 'saved_lists';

    /** @return BelongsTo<Person, $this> */
    public function owner(): BelongsTo
    {
        return $this->belongsToPerson('owner_id');
    }

    protected function casts(): array
    {
        return ['visibility' => Visibility::class, 'conditions' => 'array'];
    }
}
