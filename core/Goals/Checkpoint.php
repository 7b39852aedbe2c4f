<?php

declare(strict_types=1);

namespace Loftrin\Core\Goals;

use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Fraction;

/** So much by the end of that day. */
final readonly class Checkpoint
{
    public function __construct(public Day $on, public Fraction $fraction)
    {
    }
}
