<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Person;
use App\Models\Series;
use Illuminate\Auth\Access\Response;

/**
 * A private series is there for its attendees alone. Attendees and leads run its meetings; how it is set up, and who
 * attends it, is for whoever set it up and for the leads to say.
 */
final class SeriesPolicy
{
    public function view(Person $person, Series $series): Response
    {
        return $series->isVisibleTo($person) ? Response::allow() : Response::denyAsNotFound();
    }

    public function run(Person $person, Series $series): Response
    {
        return match (true) {
            $series->isAttendedBy($person) => Response::allow(),
            $series->is_private => Response::denyAsNotFound(),
            $person->isLead() => Response::allow(),
            default => Response::deny('Only attendees or a lead can do this.'),
        };
    }

    public function update(Person $person, Series $series): Response
    {
        $mayRun = $this->run($person, $series);

        return match (true) {
            $mayRun->denied() => $mayRun,
            $person->isLead(), $series->owner_id === $person->id, $series->owner_id === null && $series->is_private => Response::allow(),
            default => Response::deny('Only the person who set up this meeting or a lead can change it.'),
        };
    }
}
