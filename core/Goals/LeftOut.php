<?php

declare(strict_types=1);

namespace Loftrin\Core\Goals;

use Loftrin\Core\Work\ProjectState;

/** Why a contributor is in neither of the sums. */
enum LeftOut: string
{
    case Dropped = 'dropped';
    case Judged = 'judged';
    case Shelved = 'shelved';
    case Proposed = 'proposed';
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
