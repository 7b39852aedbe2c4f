<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Decision;
use App\Models\Person;
use Illuminate\Auth\Access\Response;
use Illuminate\Support\Facades\Gate;

/** A decision of a meeting is that meeting's; one that was made outside is changed by whoever recorded it, or a lead. */
final class DecisionPolicy
{
    public function view(Person $person, Decision $decision): Response
    {
        return $decision->agendaItem === null ? Response::allow() : Gate::forUser($person)->inspect('view', $decision->agendaItem);
    }

    public function update(Person $person, Decision $decision): Response
    {
        return match (true) {
            $decision->agendaItem !== null => Gate::forUser($person)->inspect('update', $decision->agendaItem),
            $decision->person_id === $person->id, $person->isLead() => Response::allow(),
            default => Response::deny('Only the person who recorded this decision or a lead can change it.'),
        };
    }
}
