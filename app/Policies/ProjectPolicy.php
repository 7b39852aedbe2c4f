<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Person;
use App\Models\Project;
use Illuminate\Auth\Access\Response;

/** Who sees a project works in it; its charter, dates and state are its owner's and the leads'. What one may not see is not there. */
final class ProjectPolicy
{
    public function view(Person $person, Project $project): Response
    {
        return $project->isVisibleTo($person) ? Response::allow() : Response::denyAsNotFound();
    }

    public function update(Person $person, Project $project): Response
    {
        return match (true) {
            ! $project->isVisibleTo($person) => Response::denyAsNotFound(),
            $project->owner_id === $person->id, $person->isLead() => Response::allow(),
            default => Response::deny("Only {$project->owner->name} or a lead can change this project."),
        };
    }
}
