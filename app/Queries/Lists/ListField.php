<?php

declare(strict_types=1);

namespace App\Queries\Lists;

use App\Queries\Labelled;

/** What a condition of a saved list asks of a task. */
enum ListField: string implements Labelled
{
    case Owner = 'owner';
    case Area = 'area';
    case Thread = 'thread';
    case Project = 'project';
    case Due = 'due';
    case Planned = 'planned';
    case Focus = 'focus';
    case Place = 'place';
    case Minutes = 'minutes';
    case Rank = 'rank';
    case State = 'state';
    case Age = 'age';
    case NoActivity = 'no_activity';
    case Words = 'words';

    public function label(): string
    {
        return match ($this) {
            self::Owner => 'is owned by',
            self::Area => 'is in the area',
            self::Thread => 'contributes to',
            self::Project => 'is for the project',
            self::Due => 'is due',
            self::Planned => 'is planned',
            self::Focus => 'needs focus',
            self::Place => 'is done at',
            self::Minutes => 'takes at most (min)',
            self::Rank => 'is ranked',
            self::State => 'is',
            self::Age => 'is older than (days)',
            self::NoActivity => 'has had no activity for (days)',
            self::Words => 'says',
        };
    }

    /** Whether its value is a number of days or minutes, or words, and not one of several. */
    public function isTyped(): bool
    {
        return in_array($this, [self::Place, self::Minutes, self::Age, self::NoActivity, self::Words], true);
    }

    public function isNumber(): bool
    {
        return in_array($this, [self::Minutes, self::Age, self::NoActivity], true);
    }
}
