<?php

declare(strict_types=1);

namespace Loftrin\Core\Goals;

use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Fraction;
use Loftrin\Core\Goals\Measure\Judged;
use Loftrin\Core\Goals\Measure\Keep;
use Loftrin\Core\Goals\Measure\YesNo;

/** Why an open goal is ready to be closed. That is for its owner to do: computation 4. */
enum Readiness: string
{
    /** Everything is done. */
    case Done = 'done';

    /** Its period is over. */
    case Over = 'over';

    /** As of the end of the day; null of a goal that is closed, or still has time and work. */
    public static function of(Goal $goal, Rollup $rollup, Day $on): ?self
    {
        $isDone = match (true) {
            $goal->closingOn($on) !== null, $goal->measure instanceof Keep, $goal->measure instanceof Judged => false,
            $goal->measure instanceof YesNo => self::isWorkDone($goal, $rollup, $on),
            default => $rollup->progress($goal, $on)?->isAtLeast(Fraction::one()) ?? false,
        };

        return match (true) {
            $goal->closingOn($on) !== null => null,
            $isDone => self::Done,
            $goal->period->isOverOn($on) => self::Over,
            default => null,
        };
    }

    /** Whether there is work beneath a goal that is all or nothing, and all of it is done. */
    private static function isWorkDone(Goal $goal, Rollup $rollup, Day $on): bool
    {
        $parts = array_map(
            static fn(Contributor $line): ?Fraction => $line->progress,
            array_filter($rollup->beneath($goal, $on), static fn(Contributor $line): bool => $line->leftOut === null),
        );
        $direct = $rollup->directTasks($goal, $on);

        if ($direct !== null) {
            $parts[] = $direct;
        }

        foreach ($parts as $progress) {
            if ($progress === null || ! $progress->isAtLeast(Fraction::one())) {
                return false;
            }
        }

        return $parts !== [];
    }
}
