<?php

declare(strict_types=1);

namespace App\Queries\Projects;

use App\Queries\Labelled;
use Loftrin\Core\Work\ProjectCondition;

/** How the projects stand that the register shows. */
enum RegisterCondition: string implements Labelled
{
    case Stuck = 'stuck';
    case Ready = 'ready';
    case Behind = 'behind';
    case Unlinked = 'unlinked';

    public function label(): string
    {
        return match ($this) {
            self::Stuck => 'stuck',
            self::Ready => 'ready to close',
            self::Behind => 'behind',
            self::Unlinked => 'not linked to a goal',
        };
    }

    /** Whether it holds of a project that is active; the database finds those that are not linked. */
    public function holds(ProjectFacts $facts): bool
    {
        return match ($this) {
            self::Stuck => $facts->condition === ProjectCondition::Stuck,
            self::Ready => $facts->condition === ProjectCondition::ReadyToClose,
            self::Behind => $facts->isBehind(),
            self::Unlinked => true,
        };
    }
}
