<?php

declare(strict_types=1);

namespace App\Queries\Meetings\Answers;

use App\Queries\Props;
use Loftrin\Core\Calendar\Day;

/** A line of the register of decisions. */
final readonly class DecisionLine implements Props
{
    /**
     * @param string $by the meeting, or who recorded it
     * @param ?string $link to the minutes
     * @param ?string $on what it was decided on
     * @param ?string $for the goal or project
     */
    public function __construct(
        public int $id,
        public string $words,
        public ?string $because,
        public Day $decidedOn,
        public string $by,
        public ?string $link,
        public ?string $on,
        public ?string $for,
        public bool $mayDelete,
    ) {
    }
}
