<?php

declare(strict_types=1);

namespace Loftrin\Core\Day;

/** What came of a focus session. */
enum SessionOutcome: string
{
    case Finished = 'finished';
    case Moved = 'moved';
    case Stuck = 'stuck';

    public function words(): string
    {
        return match ($this) {
            self::Finished => 'finished',
            self::Moved => 'moved on',
            self::Stuck => 'stuck',
        };
    }
}
