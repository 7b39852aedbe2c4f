<?php

declare(strict_types=1);

namespace App\Queries\Meetings\Answers;

use App\Queries\Parts\Answers\Option;
use App\Queries\Props;

/** The meetings of a project or an area, with what they decided and what is open. */
final readonly class MeetingsBeside implements Props
{
    /**
     * @param list<Option> $meetings that belong to it, by address
     * @param list<Option> $issues open ones, by address
     * @param list<DecisionLine> $decisions the latest
     */
    public function __construct(public array $meetings, public array $issues, public array $decisions)
    {
    }
}
