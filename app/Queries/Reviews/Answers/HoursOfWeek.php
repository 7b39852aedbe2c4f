<?php

declare(strict_types=1);

namespace App\Queries\Reviews\Answers;

use App\Queries\Props;

/** What was done in a week. */
final readonly class HoursOfWeek implements Props
{
    /**
     * @param int $minutes of all that was done
     * @param int $threaded of these, what led to goals
     */
    public function __construct(public string $week, public int $minutes, public int $threaded)
    {
    }
}
