<?php

declare(strict_types=1);

namespace Loftrin\Core\Goals;

use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Fraction;
use Loftrin\Core\Goals\Measure\Work;
use Loftrin\Core\Goals\Measure\YesNo;

/** Which lines of its sum keep a goal behind its pace; where none is behind itself, what else does. Rules: computation 4. */
final readonly class Lag
{
    /**
     * @param list<Contributor> $behind their own pace
     * @param list<Contributor> $closedShort goals that were closed below the whole
     * @param list<Contributor> $allOrNothing goals that count nothing before they are met
     * @param list<Contributor> $notBegun goals and projects whose time is still to come
     * @param list<Contributor> $unmeasured counted 0, since there is nothing to measure yet
     */
    private function __construct(
        public array $behind,
        public array $closedShort,
        public array $allOrNothing,
        public array $notBegun,
        public array $unmeasured,
    ) {
    }

    /** Null of a goal that is not behind, or not judged by its work. */
    public static function of(Goal $goal, Plan $plan, Rollup $rollup, Day $on): ?self
    {
        if (! ($goal->measure instanceof Work) || ! $rollup->figure($goal, $on)->band->isBehind()) {
            return null;
        }

        $found = ['behind' => [], 'closedShort' => [], 'allOrNothing' => [], 'notBegun' => [], 'unmeasured' => []];

        foreach ($rollup->contributors($goal, $on) as $line) {
            $why = $line->leftOut === null ? self::why($line, $plan, $rollup, $on) : null;

            if ($why !== null) {
                $found[$why][] = $line;
            }
        }

        return new self(...$found);
    }

    /** @return 'behind'|'closedShort'|'allOrNothing'|'notBegun'|'unmeasured'|null */
    private static function why(Contributor $line, Plan $plan, Rollup $rollup, Day $on): ?string
    {
        $goal = $line->kind === ContributorKind::Goal ? $plan->goals[$line->id ?? ''] ?? null : null;
        $project = $line->kind === ContributorKind::Project ? $plan->projects[$line->id ?? ''] ?? null : null;
        $figure = match (true) {
            $goal !== null => $rollup->figure($goal, $on),
            $project !== null => $rollup->projectFigure($project, $on),
            default => null,
        };
        $band = $figure?->band;
        $isWhole = $line->progress?->isAtLeast(Fraction::one()) ?? false;

        return match (true) {
            $isWhole => null,
            $band?->isBehind() === true => 'behind',
            $band?->isResult() === true => 'closedShort',
            $goal?->measure instanceof YesNo => 'allOrNothing',
            $goal?->period->span->first->isAfter($on), $project?->span?->first->isAfter($on) => 'notBegun',
            $line->progress === null => 'unmeasured',
            default => null,
        };
    }
}
