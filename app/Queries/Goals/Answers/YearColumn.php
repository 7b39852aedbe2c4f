<?php

declare(strict_types=1);

namespace App\Queries\Goals\Answers;

use App\Queries\Parts\Answers\PeriodTag;
use App\Queries\Props;

/** A period of the year with its goals. */
final readonly class YearColumn implements Props
{
    /** @param list<GoalRow> $goals */
    public function __construct(public PeriodTag $period, public bool $isNow, public array $goals)
    {
    }
}
