<?php

declare(strict_types=1);

namespace Loftrin\Core\Goals;

/** Where a goal that is judged in words is heading. */
enum Direction: string
{
    case Forward = 'forward';
    case Holding = 'holding';
    case Backward = 'backward';
}
