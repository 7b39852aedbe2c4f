<?php

declare(strict_types=1);

namespace App\Queries\Lists;

use App\Queries\Labelled;

/** Under what headings the tasks of a saved list stand. */
enum ListGrouping: string implements Labelled
{
    case Owner = 'owner';
    case Project = 'project';
    case Area = 'area';
    case Rank = 'rank';
    case Place = 'place';
    case Focus = 'focus';
    case Planned = 'planned';
    case Due = 'due';

    public function label(): string
    {
        return match ($this) {
            self::Owner => 'owner',
            self::Project => 'project',
            self::Area => 'area',
            self::Rank => 'rank',
            self::Place => 'place',
            self::Focus => 'focus needed',
            self::Planned => 'planned time',
            self::Due => 'week due',
        };
    }
}
