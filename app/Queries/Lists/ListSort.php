<?php

declare(strict_types=1);

namespace App\Queries\Lists;

/** By what the tasks of a saved list are ordered. */
enum ListSort: string
{
    case Due = 'due';
    case Planned = 'planned';
    case Rank = 'rank';
    case Minutes = 'minutes';
    case Age = 'age';
    case Changed = 'changed';
    case Title = 'title';
}
