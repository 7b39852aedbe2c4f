<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Comment;
use App\Models\Estimate;
use App\Models\Person;
use Illuminate\Auth\Access\Response;
use Illuminate\Support\Facades\Gate;

/** What somebody wrote under their name is seen with what it is about, and taken back by nobody else. */
final class CommentPolicy
{
    public function view(Person $person, Comment|Estimate $entry): Response
    {
        return Gate::forUser($person)->inspect('view', $entry instanceof Comment ? $entry->about() : $entry->goal);
    }

    public function update(Person $person, Comment|Estimate $entry): Response
    {
        $mayView = $this->view($person, $entry);

        return match (true) {
            $mayView->denied() => $mayView,
            $entry->person_id === $person->id => Response::allow(),
            default => Response::deny("Only {$entry->person->name} can delete this."),
        };
    }
}
