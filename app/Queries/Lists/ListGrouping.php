<?php

declare(strict_types=1);

namespace App\Queries\Lists;

/** Under what headings the tasks of a saved list stand. */
enum ListGrouping: string
{
    case Owner = 'owner';
    case Project = 'project';
    case Area = 'area';
    case Rank = 'rank';
    case Place = 'place';
    case Focus = 'focus';
    case Planned = 'planned';
    case Due = 'due';
}
