<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * A named group of people.
 *
 * @property string $name
 * @property-read Collection<int, Membership> $memberships
 */
final class Group extends Record
{
    protected $table = 'groups';

    /** @return HasMany<Membership, $this> */
    public function memberships(): HasMany
    {
        return $this->hasMany(Membership::class)->orderBy('id');
    }
}
