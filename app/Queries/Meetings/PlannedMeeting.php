<?php

declare(strict_types=1);

namespace App\Queries\Meetings;

use Loftrin\Core\Calendar\Day;

/** A meeting of a series that is still to come. */
final readonly class PlannedMeeting
{
    /**
     * @param string $time HH:MM on the wall clock
     * @param Day $by the day that the rule has for it
     */
    public function __construct(public Day $on, public string $time, public int $minutes, public Day $by)
    {
    }
}
