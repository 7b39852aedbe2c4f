<?php

declare(strict_types=1);

namespace App\Queries\Meetings\Answers;

use App\Queries\Parts\Answers\Option;
use App\Queries\Props;
use Loftrin\Core\Meetings\AgendaKind;

/** A point of an agenda that is still to come, with the time at which it would begin. */
final readonly class PlannedItem implements Props
{
    /**
     * @param string $at HH:MM on the wall
     * @param ?string $who its owner, or who raised it
     * @param ?Option $look what is looked at with it: to be read and commented before
     */
    public function __construct(
        public AgendaKind $kind,
        public string $title,
        public int $minutes,
        public string $at,
        public ?string $who,
        public ?IssueRow $issue,
        public ?Option $look,
    ) {
    }
}
