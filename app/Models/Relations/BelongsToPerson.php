<?php

declare(strict_types=1);

namespace App\Models\Relations;

use App\Models\Person;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A record's owner, author, chair: one of those who are loaded already.
 *
 * @template TDeclaring of Model
 *
 * @extends BelongsTo<Person, TDeclaring>
 */
final class BelongsToPerson extends BelongsTo
{
    public function getEager(): Collection
    {
        return app(Everybody::class)->all();
    }

    public function getResults(): ?Person
    {
        $id = $this->getForeignKeyFrom($this->child);

        return is_numeric($id) ? app(Everybody::class)->all()->get((int) $id) : null;
    }
}
