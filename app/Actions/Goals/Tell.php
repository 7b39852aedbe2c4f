<?php

declare(strict_types=1);

namespace App\Actions\Goals;

use App\Models\Following;
use App\Models\Goal;
use App\Models\Person;
use App\Models\Telling;
use Illuminate\Support\Str;

/** Tells the owner and the followers of a goal what happened to it, as a part of the change. */
final readonly class Tell
{
    /** @param string $words what was done, after the name of who did it: "said: the float is back" */
    public function __invoke(Person $by, Goal $goal, string $words): void
    {
        $audience = $goal->loadMissing('admissions.circle.memberships')->audience();
        $people = array_unique([
            $goal->owner_id,
            ...array_values($goal->followings()->get()->map(static fn(Following $following): int => $following->person_id)->all()),
        ]);

        foreach ($people as $person) {
            if ($person !== $by->id && $audience->admits($person)) {
                Telling::query()->create([
                    'person_id' => $person,
                    'goal_id' => $goal->id,
                    'by_id' => $by->id,
                    'words' => Str::limit($words, 280, '…'),
                ]);
            }
        }
    }
}
