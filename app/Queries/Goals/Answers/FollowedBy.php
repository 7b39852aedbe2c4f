<?php

declare(strict_types=1);

namespace App\Queries\Goals\Answers;

use App\Models\Goal;
use App\Models\Person;
use App\Queries\Props;

/** Who hears what is said of a goal. */
final readonly class FollowedBy implements Props
{
    /** @param int $others how many besides its owner */
    public function __construct(public bool $isMe, public int $others)
    {
    }

    public static function of(Goal $goal, Person $viewer): self
    {
        $followers = $goal->followings()->pluck('person_id');

        return new self($followers->contains($viewer->id), $followers->reject($goal->owner_id)->count());
    }
}
