<?php

declare(strict_types=1);

namespace App\Actions\Goals;

use App\Actions\People\Notify;
use App\Models\Following;
use App\Models\Goal;
use App\Models\Occasion;
use App\Models\Person;

/** Tells the owner and the followers of a goal what happened to it, as a part of the change. */
final readonly class Tell
{
    public function __construct(private Notify $notify)
    {
    }

    /** @param string $words what was done, after the name of who did it: "said: the float is back" */
    public function __invoke(Person $by, Goal $goal, string $words): void
    {
        $goal->loadMissing('admissions.circle.memberships');
        $ids = [$goal->owner_id, ...array_values($goal->followings()->get()->map(static fn(Following $following): int => $following->person_id)->all())];

        foreach (Person::query()->whereKey(array_unique($ids))->get() as $person) {
            ($this->notify)($by, $person, Occasion::Goal, $goal, $words);
        }
    }
}
