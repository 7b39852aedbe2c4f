<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Jot;
use App\Models\Person;
use Illuminate\Auth\Access\Response;

/** One's own tray, and those of the areas, which anybody sorts: another person's is not there. */
final class JotPolicy
{
    public function view(Person $person, Jot $jot): Response
    {
        return $jot->person_id === $person->id || $jot->area_id !== null ? Response::allow() : Response::denyAsNotFound();
    }

    public function update(Person $person, Jot $jot): Response
    {
        return $this->view($person, $jot);
    }
}
