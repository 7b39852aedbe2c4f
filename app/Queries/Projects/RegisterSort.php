<?php

declare(strict_types=1);

namespace App\Queries\Projects;

use App\Queries\Labelled;

/** By what the projects of the register are ordered. */
enum RegisterSort: string implements Labelled
{
    case Need = 'need';
    case Due = 'due';
    case Progress = 'progress';
    case Changed = 'changed';
    case Title = 'title';
    case Owner = 'owner';
    case Rank = 'rank';
    case Field = 'field';

    public function label(): string
    {
        return match ($this) {
            self::Need => 'what needs attention',
            self::Due => 'due date',
            self::Progress => 'progress',
            self::Changed => 'last change',
            self::Title => 'name',
            self::Owner => 'owner',
            self::Rank => 'rank',
            self::Field => 'extra field',
        };
    }
}
