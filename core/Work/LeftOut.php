<?php

declare(strict_types=1);

namespace Loftrin\Core\Work;

/** Why a contributor is in neither of the sums. Rules: computation 4. */
enum LeftOut: string
{
    /** A goal that was given up. */
    case Stopped = 'stopped';
    case Judged = 'judged';
    case Dropped = 'dropped';
    case Shelved = 'shelved';
    case Proposed = 'proposed';
    /** Nothing of it is in scope, or nothing was left of it when it came here. */
    case NoBasis = 'no_basis';

    public static function forState(ProjectState $state): ?self
    {
        return match ($state) {
            ProjectState::Dropped => self::Dropped,
            ProjectState::Shelved => self::Shelved,
            ProjectState::Proposed => self::Proposed,
            ProjectState::Active, ProjectState::Paused, ProjectState::Done => null,
        };
    }
}
