<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Relations\Sight;
use Illuminate\Database\Eloquent\Builder;

/** A record that its owner may keep to themselves. */
trait MayBePrivate
{
    /**
     * Only what the person may see.
     *
     * @param Builder<self> $query
     */
    protected function scopeVisibleTo(Builder $query, Person $person): void
    {
        $query->whereRaw(...app(Sight::class)->of($this->getTable(), $person, fn(): Builder => $this->letSee($this->newQuery(), $person)));
    }

    /**
     * @param Builder<self> $either conditions, of which one is enough
     *
     * @return Builder<self>
     */
    protected function letSee(Builder $either, Person $person): Builder
    {
        return $either
            ->where($either->qualifyColumn('visibility'), Visibility::Everyone)
            ->orWhere($either->qualifyColumn('owner_id'), $person->id);
    }

    /**
     * Only what everyone may see: what figures that all see alike are made of.
     *
     * @param Builder<self> $query
     */
    protected function scopeOpenToAll(Builder $query): void
    {
        $query->where($query->qualifyColumn('visibility'), Visibility::Everyone);
    }

    public function isVisibleTo(Person $person): bool
    {
        return $this->visibility === Visibility::Everyone || $this->owner_id === $person->id;
    }
}
