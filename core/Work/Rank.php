<?php

declare(strict_types=1);

namespace Loftrin\Core\Work;

/** How much something matters; for an issue, what waiting costs: more each week, something, nothing. */
enum Rank: string
{
    case A = 'A';
    case B = 'B';
    case C = 'C';
}
