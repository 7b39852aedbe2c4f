<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Area;
use App\Models\Person;
use Illuminate\Auth\Access\Response;

/** An area is its holder's and the leads' to change. */
final class AreaPolicy
{
    public function update(Person $person, Area $area): Response
    {
        return $person->isLead() || $area->owner_id === $person->id
            ? Response::allow()
            : Response::deny('Only the person responsible or a lead can change this.');
    }
}
