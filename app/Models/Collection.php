<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection as Records;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * Projects under a name of their own.
 *
 * @property string $title
 * @property-read Records<int, Gathering> $gatherings
 */
final class Collection extends Record
{
    protected $table = 'collections';

    /** @return HasMany<Gathering, $this> */
    public function gatherings(): HasMany
    {
        return $this->hasMany(Gathering::class)->orderBy('id');
    }
}
