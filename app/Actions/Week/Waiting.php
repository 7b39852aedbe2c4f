<?php

declare(strict_types=1);

namespace App\Actions\Week;

use App\Models\Contact;
use App\Models\Person;
use App\Models\Task;
use Loftrin\Core\Calendar\Day;

/** The columns that say whom a task waits on: one of the people, a contact, or just a name. */
final readonly class Waiting
{
    /** @return array<string, mixed> */
    public static function columns(Task $task, ?string $on, Day $today): array
    {
        if ($on === null) {
            return [
                'waiting_on' => null,
                'waiting_since' => null,
                'waiting_person_id' => null,
                'waiting_contact_id' => null,
                'follow_up_on' => null,
            ];
        }

        $person = Person::query()->where('name', $on)->value('id');

        return [
            'waiting_on' => $on,
            'waiting_since' => $task->waiting_on === null ? $today : $task->waiting_since,
            'waiting_person_id' => $person,
            'waiting_contact_id' => $person === null ? Contact::query()->where('name', $on)->value('id') : null,
        ];
    }
}
