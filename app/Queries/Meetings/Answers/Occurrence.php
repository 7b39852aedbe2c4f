<?php

declare(strict_types=1);

namespace App\Queries\Meetings\Answers;

use App\Queries\Props;
use Carbon\CarbonInterface;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Calendar\WallTime;

/** One meeting in a calendar: held, running or to come. */
final readonly class Occurrence implements Props
{
    /**
     * @param string $link to its minutes once it was opened, otherwise to its series
     * @param string $state "coming", "running" or "closed"
     */
    public function __construct(
        public int $seriesId,
        public string $title,
        public Day $on,
        public string $time,
        public int $minutes,
        public string $link,
        public string $state,
    ) {
    }

    /** Whether its time is over and nobody opened it. */
    public function isMissed(CarbonInterface $now): bool
    {
        $ends = WallTime::minutes($this->time) + $this->minutes;
        $today = $now->format('Y-m-d');

        return $this->state === 'coming' &&
            ((string) $this->on < $today || ((string) $this->on === $today && $ends <= 60 * $now->hour + $now->minute));
    }
}
