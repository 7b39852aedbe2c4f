<?php

declare(strict_types=1);

namespace Loftrin\Core\Goals;

use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Fraction;

/** One dated value of a measure. */
final readonly class Reading
{
    public function __construct(public Day $on, public Fraction $value)
    {
    }
}
