<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Jot;
use App\Models\Person;
use Illuminate\Auth\Access\Response;

/**
 * One's own tray; those of the areas, which anybody sorts; those of meetings, for whoever may know of the meeting. Another person's
 * is not there.
 */
final class JotPolicy
{
    public function view(Person $person, Jot $jot): Response
    {
        $mayView = match (true) {
            $jot->series_id !== null => $jot->loadMissing('series')->series?->isVisibleTo($person) === true,
            $jot->area_id !== null => true,
            default => $jot->person_id === $person->id,
        };

        return $mayView ? Response::allow() : Response::denyAsNotFound();
    }

    public function update(Person $person, Jot $jot): Response
    {
        return $this->view($person, $jot);
    }
}
