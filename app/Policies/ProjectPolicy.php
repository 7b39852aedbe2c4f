<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Person;
use App\Models\Project;
use Illuminate\Auth\Access\Response;

/** All see and work in a project; its charter, dates and state are its owner's and the leads'. */
final class ProjectPolicy
{
    public function view(Person $person, Project $project): Response
    {
        return Response::allow();
    }

    public function update(Person $person, Project $project): Response
    {
        return $project->owner_id === $person->id || $person->isLead()
            ? Response::allow()
            : Response::deny("Only {$project->owner->name} or a lead can change this project.");
    }
}
