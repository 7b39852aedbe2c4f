<?php

declare(strict_types=1);

namespace App\Actions\Goals;

use App\Actions\Parts\Notify;
use App\Models\Following;
use App\Models\Goal;
use App\Models\NotificationEvent;
use App\Models\Person;

/** Tells the owner and the followers of a goal, and whoever is spoken to, what happened to it, as a part of the change. */
final readonly class NotifyFollowers
{
    public function __construct(private Notify $notify)
    {
    }

    /** @param string $words what was done, after the name of who did it: "said: the float is back" */
    public function __invoke(Person $by, Goal $goal, string $words): void
    {
        $goal->loadMissing('viewers.group.memberships');
        $followers = $goal->followings()->get()->map(static fn(Following $following): int => $following->person_id)->all();
        $this->notify->all($by, [$goal->owner_id, ...array_values($followers)], NotificationEvent::Goal, $goal, $words);
    }
}
