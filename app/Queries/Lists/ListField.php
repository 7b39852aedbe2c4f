<?php

declare(strict_types=1);

namespace App\Queries\Lists;

/** What a condition of a saved list asks of a task. */
enum ListField: string
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
