<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A project in a collection.
 *
 * @property int $collection_id
 * @property int $project_id
 * @property-read Collection $collection
 */
final class CollectionItem extends Record
{
    use BelongsToProject;

    protected $table = 'collection_items';

    /** @return BelongsTo<Collection, $this> */
    public function collection(): BelongsTo
    {
        return $this->belongsTo(Collection::class);
    }
}
