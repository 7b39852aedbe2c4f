<?php

declare(strict_types=1);

namespace Loftrin\Core\Goals;

use Loftrin\Core\Calendar\Calendar;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Calendar\Span;
use Loftrin\Core\Fraction;
use Loftrin\Core\Goals\Measure\Judged;
use Loftrin\Core\Goals\Measure\Keep;
use Loftrin\Core\Goals\Measure\YesNo;

/** How far something should be on a day: the share of its working days that lie behind. Rules: computation 5. */
final readonly class Pace
{
    public function __construct(private Calendar $calendar)
    {
    }

    /** What the goal should have reached by the start of the day, 0 to 1; null for a direction that is no number. */
    public function ofGoal(Goal $goal, Day $on): ?Fraction
    {
        $span = $goal->period->span;

        return match (true) {
            $goal->measure instanceof Judged => null,
            $goal->measure instanceof Keep => $goal->measure->share,
            $goal->measure instanceof YesNo && $goal->checkpoints->areNone() => $on->isAfter($span->last)
                ? Fraction::one()
                : Fraction::zero(),
            default => $this->through($span, $goal->checkpoints, $on),
        };
    }

    /** Working days of the span before the day ÷ all its working days; calendar days where none is worked. */
    public function even(Span $span, Day $on): Fraction
    {
        return $this->through($span, Checkpoints::none(), $on);
    }

    /** The stretch of pace that the day lies in, within the span; null where nothing grows from day to day. */
    public function stretch(Goal $goal, Day $on): ?Stretch
    {
        $grows =
            ! ($goal->measure instanceof Judged) &&
            ! ($goal->measure instanceof Keep) &&
            ! ($goal->measure instanceof YesNo && $goal->checkpoints->areNone());

        return $grows ? $this->stretchOf($goal->period->span, $goal->checkpoints, $on) : null;
    }

    private function through(Span $span, Checkpoints $checkpoints, Day $on): Fraction
    {
        return match (true) {
            ! $on->isAfter($span->first) => Fraction::zero(),
            $on->isAfter($span->last) => Fraction::one(),
            default => $this->stretchOf($span, $checkpoints, $on)->expected(),
        };
    }

    private function stretchOf(Span $span, Checkpoints $checkpoints, Day $on): Stretch
    {
        $total = $this->daysBefore($span, $span->last->plus(1));
        $now = $this->daysBefore($span, $on);
        $points = [];

        foreach ($checkpoints->points as $point) {
            $points[] = [$this->daysBefore($span, $point->on->plus(1)), $point->fraction];
        }

        $points[] = [$total, Fraction::one()];
        [$fromDays, $from] = [0, Fraction::zero()];

        // Of several points at one count of days the line runs to the first, and from that count on the last holds.
        foreach ($points as [$days, $fraction]) {
            if ($days > $now) {
                return new Stretch(fromDays: $fromDays, from: $from, toDays: $days, to: $fraction, now: $now, total: $total);
            }

            [$fromDays, $from] = [$days, $fraction];
        }

        return new Stretch(fromDays: $fromDays, from: $from, toDays: $total, to: Fraction::one(), now: $now, total: $total);
    }

    private function daysBefore(Span $span, Day $on): int
    {
        return $this->calendar->workingDays($span) > 0
            ? $this->calendar->workingDaysBefore($span, $on)
            : max(0, min($on->number - $span->first->number, $span->length()));
    }
}
