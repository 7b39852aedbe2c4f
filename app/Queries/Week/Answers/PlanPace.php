<?php

declare(strict_types=1);

namespace App\Queries\Week\Answers;

use App\Queries\Props;

/** How much a person plans for a week and does of it, on the mean of the last weeks, against the plan of this one. In minutes. */
final readonly class PlanPace implements Props
{
    /**
     * @param int $weeks how many it is the mean of
     * @param int $holds what this week's plan holds, done or not
     */
    public function __construct(public int $weeks, public int $planned, public int $done, public int $holds)
    {
    }
}
