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

    /** @var ?Collection<int, Person> */
    private ?Collection $present = null;

    /** @return Collection<int, Person> by id, in the order of their names */
    public function all(): Collection
    {
        return $this->people ??= Person::query()->orderBy('name')->get()->keyBy('id');
    }

    /** @return Collection<int, Person> likewise, without those who left */
    public function present(): Collection
    {
        return $this->present ??= $this->all()->filter(static fn(Person $person): bool => $person->deactivated_on === null);
    }

    /** Somebody came or changed: they are loaded again when they are next asked for. */
    public function forget(): void
    {
        $this->people = $this->present = null;
    }
}
