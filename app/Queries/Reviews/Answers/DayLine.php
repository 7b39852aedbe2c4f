<?php

declare(strict_types=1);

namespace App\Queries\Reviews\Answers;

use App\Queries\Props;
use Loftrin\Core\Calendar\Day;

/** Something of a day, in words. */
final readonly class DayLine implements Props
{
    public function __construct(public Day $on, public string $words)
    {
    }
}
