<?php

declare(strict_types=1);

namespace Loftrin\Core\Work;

enum ProjectState: string
{
    /** Work that is still to be done, or may be. */
    public const OPEN = [self::Proposed, self::Active, self::Paused];

    /** Set aside: its tasks are off the lists of people. */
    public const ASIDE = [self::Shelved, self::Dropped];

    case Proposed = 'proposed';
    case Active = 'active';
    case Paused = 'paused';
    case Done = 'done';
    case Dropped = 'dropped';
    case Shelved = 'shelved';

    public function isOpen(): bool
    {
        return in_array($this, self::OPEN, true);
    }

    public function isAside(): bool
    {
        return in_array($this, self::ASIDE, true);
    }
}
