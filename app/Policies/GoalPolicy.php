<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Goal;
use App\Models\Person;
use Illuminate\Auth\Access\Response;
use Loftrin\Core\Calendar\Horizon;
use Loftrin\Core\Goals\Scope;

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

    /** What a year or a quarter is about for everybody is for the leads to say. */
    public function makeMain(Person $person, Goal $goal): Response
    {
        $isForAll = $goal->scope === Scope::Company && in_array($goal->horizon, [Horizon::Year, Horizon::Quarter], true);

        return $isForAll && ! $person->isLead()
            ? Response::deny('Only a lead can choose the main goal of a year or quarter.')
            : Response::allow();
    }
}
