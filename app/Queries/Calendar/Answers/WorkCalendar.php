<?php

declare(strict_types=1);

namespace App\Queries\Calendar\Answers;

use App\Queries\Props;

/** Where the workspace's weeks and years begin, and which days are not worked. Weekdays count from Sunday, 0; months from January, 1. */
final readonly class WorkCalendar implements Props
{
    /**
     * @param list<int> $daysOff weekdays that are not worked
     * @param list<string> $holidays YYYY-MM-DD
     */
    public function __construct(public int $weekStartsOn, public int $yearStartsIn, public array $daysOff, public array $holidays)
    {
    }
}
