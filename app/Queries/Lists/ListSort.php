<?php

declare(strict_types=1);

namespace App\Queries\Lists;

use App\Queries\Labelled;

/** By what the tasks of a saved list are ordered. */
enum ListSort: string implements Labelled
{
    case Due = 'due';
    case Planned = 'planned';
    case Rank = 'rank';
    case Minutes = 'minutes';
    case Age = 'age';
    case Changed = 'changed';
    case Title = 'title';

    public function label(): string
    {
        return match ($this) {
            self::Due => 'due date',
            self::Planned => 'planned time',
            self::Rank => 'rank',
            self::Minutes => 'estimate',
            self::Age => 'age',
            self::Changed => 'last change',
            self::Title => 'title',
        };
    }
}
