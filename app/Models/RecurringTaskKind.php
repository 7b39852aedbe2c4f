<?php

declare(strict_types=1);

namespace App\Models;

/** What a recurring task brings: a task each time, a line of the daily checklist, a checklist to use again, items of a quarterly output. */
enum RecurringTaskKind: string
{
    case Task = 'task';
    case Daily = 'daily';
    case Checklist = 'checklist';
    case Pieces = 'pieces';
}
