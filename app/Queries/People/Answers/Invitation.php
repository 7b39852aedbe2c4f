<?php

declare(strict_types=1);

namespace App\Queries\People\Answers;

use App\Models\AccessLink;
use App\Models\Role;
use App\Models\Workspace;
use App\Queries\Parts\Answers\PersonTag;
use App\Queries\Props;
use Illuminate\Support\Carbon;
use Loftrin\Core\Calendar\Day;

/** Somebody who was invited and has not come yet. */
final readonly class Invitation implements Props
{
    /**
     * @param Day $until the last day of their link
     * @param bool $isOver whether the link has run out, or was ended
     */
    public function __construct(
        public PersonTag $person,
        public string $email,
        public Role $role,
        public Day $invitedOn,
        public Day $until,
        public bool $isOver,
    ) {
    }

    public static function of(AccessLink $link, Workspace $workspace): self
    {
        return new self(
            PersonTag::of($link->person),
            $link->person->email,
            $link->person->role,
            $workspace->wallDay($link->created_at ?? Carbon::now()),
            $workspace->wallDay($link->expires_at),
            ! $link->expires_at->isFuture(),
        );
    }
}
