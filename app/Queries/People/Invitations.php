<?php

declare(strict_types=1);

namespace App\Queries\People;

use App\Models\AccessLink;
use App\Models\Person;
use App\Models\Workspace;
use App\Queries\People\Answers\Invitation;

/** Who was invited and has not come yet: for the leads. */
final readonly class Invitations
{
    public function __construct(private Workspace $workspace)
    {
    }

    /** @return list<Invitation> the latest first; none for who may not invite */
    public function for(Person $viewer): array
    {
        return ! $viewer->isLead()
            ? []
            : array_values(
                AccessLink::query()
                    ->awaited()
                    ->with('person')
                    ->orderByDesc('id')
                    ->get()
                    ->unique('person_id')
                    ->map(fn(AccessLink $link): Invitation => Invitation::of($link, $this->workspace))
                    ->all(),
            );
    }
}
