<?php

declare(strict_types=1);

namespace Loftrin\Core\Meetings;

use Loftrin\Core\Calendar\Day;

/** A meeting as its rule has it. */
final readonly class TimetableMeeting
{
    /**
     * @param Day $on where it is read
     * @param string $time HH:MM on the wall clock where it is read
     * @param Day $by the day that the rule has for it, in the zone of the rule
     */
    public function __construct(public Day $on, public string $time, public int $minutes, public Day $by)
    {
    }
}
