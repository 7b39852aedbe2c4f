<?php

declare(strict_types=1);

namespace App\Queries\Reviews\Answers;

use App\Queries\Parts\Answers\PeriodTag;
use App\Queries\Props;

/** The reviews of a year. */
final readonly class Reviews implements Props
{
    /** @param list<ReviewRow> $rows the year, then each quarter with each of its months and their weeks, newest first */
    public function __construct(public PeriodTag $year, public array $rows)
    {
    }
}
