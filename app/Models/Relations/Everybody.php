<?php

declare(strict_types=1);

namespace App\Models\Relations;

use App\Models\Person;
use Illuminate\Database\Eloquent\Collection;

/** The people of the workspace: few, named on every screen, and loaded once for whoever needs one of them. */
final class Everybody
{
    /** @var ?Collection<int, Person> */
    private ?Collection $people = null;

    /** @return Collection<int, Person> by id, in the order of their names */
    public function all(): Collection
    {
        return $this->people ??= Person::query()->orderBy('name')->get()->keyBy('id');
    }

    /** Somebody came or changed: they are loaded again when they are next asked for. */
    public function forget(): void
    {
        $this->people = null;
    }
}
