<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Person;
use App\Models\Series;
use Illuminate\Auth\Access\Response;

/** A private series is there for its attendees alone; attendees and leads run and change a series. */
final class SeriesPolicy
{
    public function view(Person $person, Series $series): Response
    {
        return ! $series->is_private || $this->attends($person, $series) ? Response::allow() : Response::denyAsNotFound();
    }

    public function update(Person $person, Series $series): Response
    {
        return match (true) {
            $this->attends($person, $series) => Response::allow(),
            $series->is_private => Response::denyAsNotFound(),
            $person->isLead() => Response::allow(),
            default => Response::deny('Only those who attend these meetings, or a lead, can do that.'),
        };
    }

    private function attends(Person $person, Series $series): bool
    {
        return $series->attendees()->where('person_id', $person->id)->exists();
    }
}
