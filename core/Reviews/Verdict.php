<?php

declare(strict_types=1);

namespace Loftrin\Core\Reviews;

/** What became of what somebody wanted to do differently. */
enum Verdict: string
{
    case Done = 'done';
    case NotDone = 'not_done';
    case Trying = 'trying';
}
