<?php

declare(strict_types=1);

namespace App\Queries\People\Answers;

use App\Models\Circle;
use App\Models\Membership;
use App\Queries\Parts\Answers\PersonTag;
use App\Queries\Props;

final readonly class CircleRow implements Props
{
    /** @param list<PersonTag> $people */
    public function __construct(public int $id, public string $name, public array $people)
    {
    }

    /** @return list<self> all circles, by name */
    public static function all(): array
    {
        return array_values(
            Circle::query()
                ->with('memberships.person')
                ->orderBy('name')
                ->get()
                ->map(
                    static fn(Circle $circle): self => new self(
                        $circle->id,
                        $circle->name,
                        array_values(
                            $circle->memberships
                                ->map(static fn(Membership $membership): PersonTag => PersonTag::of($membership->person))
                                ->all(),
                        ),
                    ),
                )
                ->all(),
        );
    }
}
