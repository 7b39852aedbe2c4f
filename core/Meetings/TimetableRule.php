<?php

declare(strict_types=1);

namespace Loftrin\Core\Meetings;

use Loftrin\Core\Calendar\Day;

/** By which rule meetings come round, and until when. */
final readonly class TimetableRule
{
    /**
     * @param string $rule an RFC 5545 RRULE
     * @param string $time HH:MM on the wall clock of its zone
     * @param ?Day $until the last day on which it holds; null for good
     */
    public function __construct(
        public string $rule,
        public Day $startsOn,
        public string $time,
        public int $minutes,
        public ?Day $until = null,
    ) {
    }
}
