<?php

declare(strict_types=1);

namespace App\Queries\Meetings\Answers;

use App\Queries\Props;
use Loftrin\Core\Calendar\Day;

/** A meeting of a series that is still to come, or was cancelled. */
final readonly class PlannedRow implements Props
{
    /**
     * @param Day $by the day that the rule has for it
     * @param ?Day $on when it takes place; null when it is cancelled
     * @param string $time HH:MM
     * @param bool $isChanged whether it is not as the rule has it
     */
    public function __construct(public Day $by, public ?Day $on, public string $time, public bool $isChanged, public ?string $reason)
    {
    }
}
