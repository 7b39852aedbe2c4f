<?php

declare(strict_types=1);

namespace Loftrin\Core\Goals;

use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Goals\Measure\Judged;
use Loftrin\Core\Work\ProjectState;

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

    public static function ofGoal(Goal $goal, Day $on): ?self
    {
        return match (true) {
            $goal->isStoppedOn($on) => self::Stopped,
            $goal->measure instanceof Judged => self::Judged,
            default => null,
        };
    }

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
