<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\File;
use App\Models\Person;
use App\Models\Reference;
use Illuminate\Auth\Access\Response;

/** Files and references are seen with what they belong to; whoever added one, whose work it is and the leads remove it. */
final class FilePolicy
{
    public function view(Person $person, File|Reference $part): Response
    {
        return $part->isVisibleTo($person) ? Response::allow() : Response::denyAsNotFound();
    }

    public function update(Person $person, File|Reference $part): Response
    {
        return match (true) {
            ! $part->isVisibleTo($person) => Response::denyAsNotFound(),
            $part->person_id === $person->id, $part->work()->owner_id === $person->id, $person->isLead() => Response::allow(),
            default => Response::deny("Only {$part->person->name}, {$part->work()->owner->name} or a lead can delete this."),
        };
    }
}
