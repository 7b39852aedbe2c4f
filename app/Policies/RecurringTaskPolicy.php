<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Person;
use App\Models\RecurringTask;
use Illuminate\Auth\Access\Response;

/** Who sees a recurring task works with it; only its owner and the leads change one that runs, everybody a shared one. */
final class RecurringTaskPolicy
{
    public function view(Person $person, RecurringTask $recurringTask): Response
    {
        return $recurringTask->isVisibleTo($person) ? Response::allow() : Response::denyAsNotFound();
    }

    public function update(Person $person, RecurringTask $recurringTask): Response
    {
        return match (true) {
            ! $recurringTask->isVisibleTo($person) => Response::denyAsNotFound(),
            $recurringTask->is_shared, $recurringTask->owner_id === $person->id, $person->isLead() => Response::allow(),
            default => Response::deny("Only {$recurringTask->owner->name} or a lead can change this recurring task."),
        };
    }
}
