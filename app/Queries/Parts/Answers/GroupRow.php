<?php

declare(strict_types=1);

namespace App\Queries\Parts\Answers;

use App\Models\Group;
use App\Models\Membership;
use App\Queries\Props;

final readonly class GroupRow implements Props
{
    /** @param list<PersonTag> $people */
    public function __construct(public int $id, public string $name, public array $people)
    {
    }

    /** @return list<self> all groups, by name */
    public static function all(): array
    {
        return array_values(
            Group::query()
                ->with('memberships.person')
                ->orderBy('name')
                ->get()
                ->map(
                    static fn(Group $group): self => new self(
                        $group->id,
                        $group->name,
                        array_values(
                            $group->memberships
                                ->map(static fn(Membership $membership): PersonTag => PersonTag::of($membership->person))
                                ->all(),
                        ),
                    ),
                )
                ->all(),
        );
    }
}
