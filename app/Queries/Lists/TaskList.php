<?php

declare(strict_types=1);

namespace App\Queries\Lists;

/** The lists of a person's own tasks. The first five hold every open one; the others look at them another way. */
enum TaskList: string
{
    case Late = 'late';
    case Today = 'today';
    case Week = 'week';
    case Ahead = 'ahead';
    case NotScheduled = 'not_scheduled';
    case Waiting = 'waiting';
    case ToCheck = 'to_check';
    case Depends = 'depends';
    case Helping = 'helping';
    case FreeTime = 'free_time';
    case Focus = 'focus';
    case Place = 'place';
    case NoActivity = 'no_activity';
    case Finished = 'finished';
}
