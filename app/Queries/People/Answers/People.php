<?php

declare(strict_types=1);

namespace App\Queries\People\Answers;

use App\Queries\Parts\Answers\GroupRow;
use App\Queries\Parts\Answers\PeriodTag;
use App\Queries\Props;

final readonly class People implements Props
{
    /**
     * @param list<PersonRow> $people
     * @param list<GroupRow> $groups
     * @param list<PeriodTag> $weeks this one and those after it, whose hours are shown
     * @param list<Invitation> $invitations that are awaited, for who may invite
     */
    public function __construct(
        public array $people,
        public array $groups,
        public array $weeks,
        public bool $mayAdd,
        public array $invitations = [],
    ) {
    }

    /**
     * The same with invitations, which run out by the clock.
     *
     * @param list<Invitation> $invitations
     */
    public function awaiting(array $invitations): self
    {
        return new self($this->people, $this->groups, $this->weeks, $this->mayAdd, $invitations);
    }
}
