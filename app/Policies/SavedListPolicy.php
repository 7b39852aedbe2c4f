<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Person;
use App\Models\SavedList;
use Illuminate\Auth\Access\Response;

/** A shared list is read by all and changed by who made it. */
final class SavedListPolicy
{
    public function view(Person $person, SavedList $list): Response
    {
        return $list->isVisibleTo($person) ? Response::allow() : Response::denyAsNotFound();
    }

    public function update(Person $person, SavedList $list): Response
    {
        return match (true) {
            $list->owner_id === $person->id => Response::allow(),
            $list->isVisibleTo($person) => Response::deny("Only {$list->owner->name} can change this list. Build one of your own from it."),
            default => Response::denyAsNotFound(),
        };
    }
}
