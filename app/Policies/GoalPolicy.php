<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Goal;
use App\Models\Person;
use Illuminate\Auth\Access\Response;

/** All see what is not private; its owner and the leads change it. What one may not see is not there. */
final class GoalPolicy
{
    public function view(Person $person, Goal $goal): Response
    {
        return $goal->isVisibleTo($person) ? Response::allow() : Response::denyAsNotFound();
    }

    public function update(Person $person, Goal $goal): Response
    {
        return match (true) {
            ! $goal->isVisibleTo($person) => Response::denyAsNotFound(),
            $goal->owner_id === $person->id, $person->isLead() => Response::allow(),
            default => Response::deny("Only {$goal->owner->name} or a lead can change this goal."),
        };
    }
}
