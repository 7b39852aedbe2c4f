<?php

declare(strict_types=1);

namespace Loftrin\Core\Goals;

/** What became of a closed goal. */
enum Result: string
{
    case Met = 'met';
    case InPart = 'in_part';
    case NotMet = 'not_met';
    case Stopped = 'stopped';
}
