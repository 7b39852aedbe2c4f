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
    case Undated = 'undated';
    case Waiting = 'waiting';
    case LookOver = 'look_over';
    case Depends = 'depends';
    case Helping = 'helping';
    case Gap = 'gap';
    case Attention = 'attention';
    case Place = 'place';
    case Untouched = 'untouched';
    case Finished = 'finished';
}
