<?php

declare(strict_types=1);

namespace App\Queries\Week\Answers;

use App\Queries\Props;
use Loftrin\Core\Calendar\Calendar;
use Loftrin\Core\Calendar\Day;

/** The days of what a task is planned for. */
final readonly class PlannedSpan implements Props
{
    private function __construct(public Day $first, public Day $last)
    {
    }

    /** @param ?string $planned a day or a period; null for none */
    public static function of(?string $planned, Calendar $calendar): ?self
    {
        if ($planned === null) {
            return null;
        }

        $time = $calendar->planned($planned);

        return $time instanceof Day ? new self($time, $time) : new self($time->span->first, $time->span->last);
    }
}
