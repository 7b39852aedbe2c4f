<?php

declare(strict_types=1);

namespace Loftrin\Core\Goals;

use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Calendar\Span;
use Loftrin\Core\Fraction;
use Loftrin\Core\Goals\Measure\Count;
use Loftrin\Core\Goals\Measure\Keep;
use Loftrin\Core\Goals\Measure\Number;
use Loftrin\Core\Goals\Measure\YesNo;
use Loftrin\Core\Work\Tallies;

/** What a goal's readings and counted tasks give as of a day, whatever was decided when it was closed. Rules: computation 4. */
final readonly class Measurement
{
    /** So long a reading speaks for a limit: its days, that one included, are earned. */
    private const READING_HOLDS = 30;

    public function __construct(private Plan $plan, private Tallies $tallies, private Pace $pace)
    {
    }

    /** The progress of a number, a limit or a count as of the day, 0 to 1, or null with no reading; a yes or no is 0; null of any other. */
    public function progress(Goal $goal, Day $on): ?Fraction
    {
        $measure = $goal->measure;

        return match (true) {
            $measure instanceof Number => ($reading = $this->plan->latestReading($goal, $on)) === null
                ? null
                : $measure->progress($reading->value),
            $measure instanceof Keep => $measure->kept($this->plan->readingsWithin($goal, $on)),
            $measure instanceof Count => $measure->progress($this->doneWithin($goal, $on)),
            $measure instanceof YesNo => Fraction::zero(),
            default => null,
        };
    }

    /**
     * What a limit has earned by the day in the sum of the goal above it, 0 to 1; null with no reading. It is earned day by day,
     * until and with the day on which it was closed, and only while somebody looks at it.
     */
    public function earned(Goal $goal, Keep $limit, Day $on): ?Fraction
    {
        $closed = $goal->closingOn($on)?->on;
        $readings = $this->plan->readingsWithin($goal, $closed ?? $on);
        $kept = $limit->kept($readings);

        if ($kept === null) {
            return null;
        }

        $until = $closed?->plus(1) ?? $on;
        $unseenFrom = $readings[count($readings) - 1]->on->plus(self::READING_HOLDS + 1);

        return $kept
            ->over($limit->share)
            ->within(Fraction::zero(), Fraction::one())
            ->times($this->daysEarned($goal, $unseenFrom->isBefore($until) ? $unseenFrom : $until));
    }

    /** The share of the days on which the limit is to be kept that lie before the day: where it carries another, of the later ones. */
    private function daysEarned(Goal $goal, Day $before): Fraction
    {
        $span = $goal->period->span;
        $first = $goal->carries === null ? null : $goal->createdOn?->plus(1);

        return match (true) {
            $first === null || ! $first->isAfter($span->first) => $this->pace->even($span, $before),
            $first->isAfter($span->last) => $before->isAfter($span->last) ? Fraction::one() : Fraction::zero(),
            default => $this->pace->even(new Span($first, $span->last), $before),
        };
    }

    /** How many of a goal's tasks were done within its period by the end of the day. */
    public function doneWithin(Goal $goal, Day $on): int
    {
        $span = $goal->period->span;

        return $on->isBefore($span->first)
            ? 0
            : $this->tallies->doneFor($goal->id, new Span($span->first, $on->isBefore($span->last) ? $on : $span->last));
    }
}
