<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Issue;
use App\Models\Person;
use Illuminate\Auth\Access\Response;
use Illuminate\Support\Facades\Gate;

/** An issue is seen with its series; whoever raised it and those who run the meetings change it. */
final class IssuePolicy
{
    public function view(Person $person, Issue $issue): Response
    {
        return Gate::forUser($person)->inspect('view', $issue->series);
    }

    public function update(Person $person, Issue $issue): Response
    {
        $mayView = $this->view($person, $issue);

        return match (true) {
            $mayView->denied() => $mayView,
            $issue->raised_by === $person->id => Response::allow(),
            default => Gate::forUser($person)->inspect('run', $issue->series),
        };
    }
}
