<?php

declare(strict_types=1);

namespace App\Queries\Calendar\Answers;

use App\Queries\Props;

/** Where weeks begin and which days are not worked, for a calendar to choose from. Weekdays count from Sunday, 0. */
final readonly class DaysOff implements Props
{
    /**
     * @param list<int> $weekdays not worked in any week
     * @param list<string> $holidays YYYY-MM-DD
     */
    public function __construct(public int $weekStartsOn, public array $weekdays, public array $holidays)
    {
    }
}
