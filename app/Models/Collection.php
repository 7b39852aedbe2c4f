<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection as Records;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * Projects under a name of their own.
 *
 * @property string $title
 * @property-read Records<int, CollectionItem> $collectionItems
 */
final class Collection extends Record
{
    protected $table = 'collections';

    /** @return HasMany<CollectionItem, $this> */
    public function collectionItems(): HasMany
    {
        return $this->hasMany(CollectionItem::class)->orderBy('id');
    }
}
