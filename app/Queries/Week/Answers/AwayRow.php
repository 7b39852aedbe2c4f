<?php

declare(strict_types=1);

namespace App\Queries\Week\Answers;

use App\Queries\Parts\Answers\PersonTag;
use App\Queries\Props;
use Loftrin\Core\Calendar\Day;

/** Somebody who was away, on which days of a week. */
final readonly class AwayRow implements Props
{
    public function __construct(public PersonTag $who, public Day $first, public Day $last)
    {
    }
}
