<?php

declare(strict_types=1);

namespace Loftrin\Core\Reviews;

/** The questions of a weekly review. */
enum Question: string
{
    case Moved = 'moved';
    case Still = 'still';
    case Surprised = 'surprised';
    case Differently = 'differently';

    /** The question as it is asked. */
    public function words(): string
    {
        return match ($this) {
            self::Moved => 'What moved, and why?',
            self::Still => 'What did not move?',
            self::Surprised => 'What surprised me?',
            self::Differently => 'What will I do differently?',
        };
    }
}
