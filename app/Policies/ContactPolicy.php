<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Contact;
use App\Models\Person;
use Illuminate\Auth\Access\Response;

/** Everybody sees contacts and adds to them; whoever added one, who holds the area and the leads change it. */
final class ContactPolicy
{
    public function view(): Response
    {
        return Response::allow();
    }

    public function update(Person $person, Contact $contact): Response
    {
        return $person->isLead() || $contact->person_id === $person->id || $contact->area->owner_id === $person->id
            ? Response::allow()
            : Response::deny('Only the person who added this contact, the person responsible for the area or a lead can change it.');
    }
}
