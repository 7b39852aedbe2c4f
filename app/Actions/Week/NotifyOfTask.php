<?php

declare(strict_types=1);

namespace App\Actions\Week;

use App\Actions\Parts\Notify;
use App\Models\NotificationEvent;
use App\Models\Person;
use App\Models\Task;

/** Tells those whom a new or changed task concerns: its new owner, who is to check it, and who is waited for. */
final readonly class NotifyOfTask
{
    public function __construct(private Notify $notify)
    {
    }

    public function __invoke(Person $who, Task $task, bool $handsOver): void
    {
        if ($handsOver) {
            ($this->notify)($who, $task->owner()->firstOrFail(), NotificationEvent::HandedOver, $task, 'handed it over to you');
        }

        foreach (
            [
                'checked_by_id' => [$task->checked_by_id, NotificationEvent::ToCheck, 'asks you to check it'],
                'waiting_person_id' => [$task->waiting_person_id, NotificationEvent::WaitedFor, 'is waiting for you'],
            ] as $column => [$person, $event, $words]
        ) {
            $isNew = $task->wasRecentlyCreated || $task->wasChanged($column);
            $asked = $person !== null && $isNew ? Person::query()->find($person) : null;

            if ($asked !== null) {
                ($this->notify)($who, $asked, $event, $task, $words);
            }
        }
    }
}
