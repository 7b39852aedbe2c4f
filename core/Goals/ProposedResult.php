<?php

declare(strict_types=1);

namespace Loftrin\Core\Goals;

use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Fraction;
use Loftrin\Core\Goals\Measure\Judged;
use Loftrin\Core\Goals\Measure\Keep;
use Loftrin\Core\Goals\Measure\YesNo;

/** What is proposed to whoever closes a goal. Rules: computation 4, proposed results. */
final readonly class ProposedResult
{
    /** A limit was looked at if it was within so many days of its end. */
    private const SEEN_WITHIN = 31;

    public function __construct(private Rollup $rollup, private Plan $plan)
    {
    }

    /**
     * From the figure as of the period's last day once it is over, whenever somebody closes it; before that, as of the day. None
     * for a direction judged in words, nor for a yes or no, which its owner has to say.
     */
    public function of(Goal $goal, Day $on): ?Result
    {
        $seen = $goal->period->span->asOf($on);
        $progress = $this->rollup->progress($goal, $seen) ?? Fraction::zero();

        return match (true) {
            $goal->measure instanceof Judged, $goal->measure instanceof YesNo => null,
            $goal->measure instanceof Keep => $this->ofLimit($goal, $goal->measure, $progress, $seen),
            $progress->isAtLeast(Fraction::one()) => Result::Met,
            $progress->isAtLeast(Fraction::of(1, 2)) => Result::InPart,
            default => Result::NotMet,
        };
    }

    /** Whether so much of its period is over that giving a goal up now is no more than not having met it. */
    public function isLateToStop(Goal $goal, Day $on): bool
    {
        return $this->rollup->pace->even($goal->period->span, $on->plus(1))->isAtLeast(Fraction::of(1, 2));
    }

    private function ofLimit(Goal $goal, Keep $limit, Fraction $kept, Day $seen): Result
    {
        $readings = $this->plan->readingsWithin($goal, $seen);
        $latest = $readings === [] ? null : $readings[count($readings) - 1]->on;

        return match (true) {
            $kept->isAtLeast($limit->share) && $latest?->isAfter($seen->plus(-self::SEEN_WITHIN)) === true => Result::Met,
            $kept->isAtLeast($limit->share->times(Fraction::of(1, 2))) => Result::InPart,
            default => Result::NotMet,
        };
    }
}
