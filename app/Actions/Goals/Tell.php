<?php

declare(strict_types=1);

namespace App\Actions\Goals;

use App\Actions\People\Notify;
use App\Models\Following;
use App\Models\Goal;
use App\Models\Occasion;
use App\Models\Person;
use Loftrin\Core\People\Mentions;

/** Tells the owner and the followers of a goal, and whoever is spoken to, what happened to it, as a part of the change. */
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

        $people = Person::query()->orderBy('id')->get()->keyBy('id');
        $mentioned = Mentions::in($words, $people->map(static fn(Person $person): string => $person->name)->all());

        foreach ($people->only([...$ids, ...$mentioned]) as $person) {
            ($this->notify)($by, $person, in_array($person->id, $mentioned, true) ? Occasion::Mentioned : Occasion::Goal, $goal, $words);
        }
    }
}
