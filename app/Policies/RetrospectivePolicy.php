<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Person;
use App\Models\Retrospective;
use Illuminate\Auth\Access\Response;

/** A retrospective is there for those who take part. All of them write and agree; who holds it shows the answers and finishes it. */
final class RetrospectivePolicy
{
    public function view(Person $person, Retrospective $retrospective): Response
    {
        return $retrospective->participants()->where('person_id', $person->id)->exists() ? Response::allow() : Response::denyAsNotFound();
    }

    public function update(Person $person, Retrospective $retrospective): Response
    {
        return match (true) {
            $retrospective->person_id === $person->id => Response::allow(),
            $this->view($person, $retrospective)->allowed() => Response::deny(
                "Only {$retrospective->person->name}, who holds it, can do this.",
            ),
            default => Response::denyAsNotFound(),
        };
    }
}
