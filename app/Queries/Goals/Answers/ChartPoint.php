<?php

declare(strict_types=1);

namespace App\Queries\Goals\Answers;

use App\Queries\Props;
use Loftrin\Core\Calendar\Day;

/** A day of a chart: what was reached and what should have been, in per cent. */
final readonly class ChartPoint implements Props
{
    public function __construct(public Day $on, public ?float $progress, public ?float $expected)
    {
    }
}
