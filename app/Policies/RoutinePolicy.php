<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Person;
use App\Models\Routine;
use Illuminate\Auth\Access\Response;

/** Who sees a routine works with it; only its owner and the leads change one that runs, everybody the stock. */
final class RoutinePolicy
{
    public function view(Person $person, Routine $routine): Response
    {
        return $routine->isVisibleTo($person) ? Response::allow() : Response::denyAsNotFound();
    }

    public function update(Person $person, Routine $routine): Response
    {
        return match (true) {
            ! $routine->isVisibleTo($person) => Response::denyAsNotFound(),
            $routine->is_stock, $routine->owner_id === $person->id, $person->isLead() => Response::allow(),
            default => Response::deny("Only {$routine->owner->name} or a lead can change this recurring task."),
        };
    }
}
