<?php

declare(strict_types=1);

namespace Loftrin\Core\Goals;

use Loftrin\Core\Calendar\Calendar;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Calendar\Period;
use Loftrin\Core\Calendar\Span;
use Loftrin\Core\Fraction;
use Loftrin\Core\Work\Project;

/** Forecasts from how a goal or a project moved in its recent weeks, measured over what is in scope now. Rules: computation 6. */
final readonly class Forecaster
{
    /** How many ended weeks are looked at. */
    public const WEEKS_BACK = 8;

    /** With fewer increments than this it is too early to say. */
    private const ENOUGH = 3;

    /** How far ahead the dates are looked for, in weeks. */
    private const WEEKS_AHEAD = 104;

    public function __construct(private Calendar $calendar, private Rollup $rollup)
    {
    }

    /** The forecast as of the day; null when the goal has none or it is too early. */
    public function of(Goal $goal, Day $on): ?Forecast
    {
        return $goal->closingOn($on) !== null || ! $goal->measure->kind()->hasForecast()
            ? null
            : $this->along(
                $this->rollup->progress($goal, $on),
                fn(Day $by): ?Fraction => $this->rollup->movement->ofGoal($goal, $by, $on),
                fn(Day $since): Fraction => $this->rollup->movement->growthOfGoal($goal, $since, $on),
                $goal->period->span,
                $on,
                $goal->carries === null ? null : $goal->createdOn,
            );
    }

    /** The forecast of an active project with both its dates, which are its period; null of any other, or when it is too early. */
    public function ofProject(Project $project, Day $on): ?Forecast
    {
        return $project->span === null || ! $project->isActiveOn($on)
            ? null
            : $this->along(
                $this->rollup->projectProgress($project, $on),
                fn(Day $by): ?Fraction => $this->rollup->movement->ofProject($project, $by, $on),
                fn(Day $since): Fraction => $this->rollup->movement->growthOfProject($project, $since, $on),
                $project->span,
                $on,
            );
    }

    /**
     * The days whose progress a forecast of any goal as of the day rests on: the ends of the recent weeks.
     *
     * @return list<Day>
     */
    public function daysLookedAt(Day $on): array
    {
        $weeks = $this->recentWeeks($on);

        return [$weeks[0]->span->first->plus(-1), ...array_map(static fn(Period $week): Day => $week->span->last, $weeks), $on];
    }

    /**
     * @param ?Fraction $now what is shown for the day
     * @param callable(Day): ?Fraction $moved the progress by the end of a day, over what is in scope now
     * @param callable(Day): Fraction $growth how much of that was not there by a day
     * @param ?Day $since the day on which it came to carry another on: weeks that ended by then were the other's
     */
    private function along(?Fraction $now, callable $moved, callable $growth, Span $span, Day $on, ?Day $since = null): ?Forecast
    {
        if ($now === null) {
            return null;
        }

        $weeks = $this->weeksLookedAt($span, $on, $since);
        $increments = $this->increments($moved, $weeks);
        // What is set up in the first of those weeks is how it began, and no growth.
        $grew = $weeks === [] ? null : $growth($weeks[0]->span->last);
        // Short of the whole by less than half a thousandth is still short of it.
        $remaining = $now->isAtLeast(Fraction::one()) ? 0 : max(1, 1000 - $now->thousandths());

        return match (true) {
            $remaining === 0 => new Forecast($increments, 1.0, grew: $grew),
            count($increments) < self::ENOUGH => null,
            default => $this->ahead($span, $on, $increments, $remaining, $grew),
        };
    }

    /** @return list<Period> of the recent weeks those that belong to the span, oldest first */
    private function weeksLookedAt(Span $span, Day $on, ?Day $since): array
    {
        return array_values(
            array_filter(
                $this->recentWeeks($on),
                static fn(Period $week): bool => $span->holds($week->anchor()) && ($since === null || $week->span->last->isAfter($since)),
            ),
        );
    }

    /**
     * @param callable(Day): ?Fraction $moved
     * @param list<Period> $weeks
     *
     * @return list<int> in thousandths, oldest week first; a week with nothing measured at either end is passed over
     */
    private function increments(callable $moved, array $weeks): array
    {
        $increments = [];

        foreach ($weeks as $week) {
            $before = $moved($week->span->first->plus(-1));
            $after = $moved($week->span->last);

            if ($before !== null && $after !== null) {
                $increments[] = $after->minus($before)->thousandths();
            }
        }

        return $increments;
    }

    /** @return non-empty-list<Period> the weeks that ended on or before the day, oldest first */
    private function recentWeeks(Day $on): array
    {
        $week = $this->calendar->weekOf($on);
        $last = $week->span->last->isAfter($on) ? $this->calendar->previous($week) : $week;
        $weeks = [$last];

        while (count($weeks) < self::WEEKS_BACK) {
            array_unshift($weeks, $this->calendar->previous($weeks[0]));
        }

        return $weeks;
    }

    /**
     * What has enough increments has begun, so the weeks ahead within the span are the first ones.
     *
     * @param non-empty-list<int> $increments
     */
    private function ahead(Span $span, Day $on, array $increments, int $remaining, ?Fraction $grew): Forecast
    {
        $walk = new Walk($increments, $remaining);
        $week = $this->calendar->weekOf($on);
        $week = $week->anchor()->isAfter($on) ? $week : $this->calendar->next($week);
        $weeksLeft = $week->anchor()->isAfter($span->last) ? 0 : count($this->calendar->weeksIn(new Span($week->anchor(), $span->last)));
        $done = 1000 - $remaining;
        $chance = 0.0;
        [$likely, $safe] = [null, null];
        [$low, $high] = [$done, $done];

        for ($ahead = 1; $ahead <= max(self::WEEKS_AHEAD, $weeksLeft); $ahead++, $week = $this->calendar->next($week)) {
            if ($ahead > $weeksLeft) {
                if ($safe !== null) {
                    break;
                }

                $walk->forgetBelow(self::WEEKS_AHEAD - $ahead + 1);
            }

            $walk->step();
            // A week that counts within the span may end after it.
            $ends = $ahead <= $weeksLeft && $week->span->last->isAfter($span->last) ? $span->last : $week->span->last;
            $likely ??= $walk->isAtLeast(0.5) ? $ends : null;
            $safe ??= $walk->isAtLeast(0.85) ? $ends : null;

            if ($ahead === $weeksLeft) {
                $chance = $walk->chance();
                [$low, $high] = [$done + $walk->quantile(0.1), $done + $walk->quantile(0.9)];
            }
        }

        return new Forecast(
            increments: $increments,
            chance: $chance,
            likelyOn: $likely,
            safeOn: $safe,
            low: max(0, $low),
            high: max(0, $high),
            remaining: $remaining,
            weeksLeft: $weeksLeft,
            grew: $grew,
        );
    }
}
