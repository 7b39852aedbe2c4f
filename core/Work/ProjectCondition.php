<?php

declare(strict_types=1);

namespace Loftrin\Core\Work;

use Loftrin\Core\Calendar\Day;

/** Why an active project needs somebody. Rules: computation 8. */
enum ProjectCondition: string
{
    /** Nothing can be done now, nor could be but for the person it waits for. */
    case Stuck = 'stuck';

    /** All its tasks are done. */
    case ReadyToClose = 'ready';

    /**
     * As of the end of the day; null of one that is not there or not active, or that can go on. One that has not begun is not stuck.
     *
     * @param int $tasks in scope
     * @param int $open of those
     * @param bool $couldStart whether somebody could start on one of those, were it not that it may wait for a person
     */
    public static function of(Project $project, int $tasks, int $open, bool $couldStart, Day $on): ?self
    {
        return match (true) {
            ! $project->isThereOn($on), ! $project->isActiveOn($on) => null,
            $tasks > 0 && $open === 0 => self::ReadyToClose,
            $couldStart, $project->startsOn?->isAfter($on) === true => null,
            default => self::Stuck,
        };
    }
}
