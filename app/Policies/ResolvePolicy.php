<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Person;
use App\Models\Resolve;
use Illuminate\Auth\Access\Response;

/** What was resolved is its owner's and the leads' to change. */
final class ResolvePolicy
{
    public function update(Person $person, Resolve $resolve): Response
    {
        return $person->isLead() || $resolve->owner_id === $person->id
            ? Response::allow()
            : Response::deny("Only {$resolve->owner->name} or a lead can change this.");
    }
}
