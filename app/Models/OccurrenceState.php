<?php

declare(strict_types=1);

namespace App\Models;

/** What became of one time that a recurring task was due. */
enum OccurrenceState: string
{
    case Done = 'done';
    case Skipped = 'skipped';
    case Missed = 'missed';
}
