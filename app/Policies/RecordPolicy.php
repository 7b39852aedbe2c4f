<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Person;
use App\Models\Record;
use Illuminate\Auth\Access\Response;
use Illuminate\Support\Facades\Gate;

/** Records without a policy of their own, by the table in {@see Rights}: parts, one's own, the leads', everybody's. */
final class RecordPolicy
{
    public function view(Person $person, Record $record): Response
    {
        $over = Rights::over($record);

        return match (true) {
            $over !== null => Gate::forUser($person)->inspect('view', $over[1]),
            Rights::isOwn($record) => $this->update($person, $record),
            default => Response::allow(),
        };
    }

    public function update(Person $person, Record $record): Response
    {
        $over = Rights::over($record);

        return match (true) {
            $over !== null => Gate::forUser($person)->inspect($over[0], $over[1]),
            // What is somebody else's alone is not there.
            Rights::isOwn($record) => Rights::isOwnOf($record, $person) ? Response::allow() : Response::denyAsNotFound(),
            Rights::isForAll($record), $person->isLead() => Response::allow(),
            default => Response::deny('Only a lead can change this.'),
        };
    }
}
