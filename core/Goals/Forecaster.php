<?php

declare(strict_types=1);

namespace Loftrin\Core\Goals;

use Loftrin\Core\Calendar\Calendar;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Calendar\Period;
use Loftrin\Core\Calendar\Span;
use Loftrin\Core\Fraction;
use Loftrin\Core\Work\Heap;
use Loftrin\Core\Work\Project;
use Loftrin\Core\Work\Task;

/** Forecasts from how a goal or a project moved in its recent weeks. Rules: computation 6. */
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
            : $this->along(fn(Day $day): ?Fraction => $this->rollup->progress($goal, $day), $goal->period->span, $on);
    }

    /**
     * The forecast of a project while it has a pace; null when it has none or it is too early.
     *
     * The rules name goals only. Here its start and its due date are the ends of the period, and a week counts by what it
     * did of the tasks that are in scope on the day: what was added since is not held against the weeks before.
     *
     * @param list<Task> $tasks its own
     */
    public function ofProject(Project $project, array $tasks, Day $on): ?Forecast
    {
        if ($project->span === null || ! $project->isActiveOn($on)) {
            return null;
        }

        $inScope = array_values(array_filter($tasks, static fn(Task $task): bool => $task->isInScopeOn($on)));
        $heaps = array_map(static fn(Task $task): Heap => new Heap(1, $task->fractionOn($on), $task->minutes), $inScope);
        $weightOf = $project->weighing->weights($heaps);
        $total = $project->weighing->tally($heaps)->total;
        $done = static fn(Day $day): Fraction => array_reduce($inScope, static fn(Fraction $sum, Task $task): Fraction => match (true) {
            $task->isDoneOn($day) => $sum->plus($weightOf($task->minutes)),
            $task->steps === [] => $sum,
            default => $sum->plus($task->fractionOn($day)->times($weightOf($task->minutes))),
        }, Fraction::zero());

        return $inScope === [] ? null : $this->along(static fn(Day $day): Fraction => $done($day)->over($total), $project->span, $on);
    }

    /**
     * The days whose progress a forecast of any goal as of the day rests on: the ends of the recent weeks.
     *
     * @return list<Day>
     */
    public function daysLookedAt(Day $on): array
    {
        $weeks = $this->recentWeeks($on);

        return [
            $weeks[0]->span->first->plus(-1),
            ...array_map(static fn(Period $week): Day => $week->span->last, $weeks),
            $on,
        ];
    }

    /** @param callable(Day): ?Fraction $progress as of the end of a day, of what is to be reached within the span */
    private function along(callable $progress, Span $span, Day $on): ?Forecast
    {
        $now = $progress($on);

        if ($now === null) {
            return null;
        }

        $increments = $this->increments($progress, $span, $on);
        $remaining = 1000 - $now->thousandths();

        return match (true) {
            $remaining <= 0 => new Forecast($increments, 1.0),
            count($increments) < self::ENOUGH => null,
            default => $this->ahead($span, $on, $increments, $remaining),
        };
    }

    /**
     * @param callable(Day): ?Fraction $progress
     *
     * @return list<int> in thousandths, oldest week first
     */
    private function increments(callable $progress, Span $span, Day $on): array
    {
        $increments = [];
        $known = [];

        foreach ($this->recentWeeks($on) as $week) {
            if (! $span->holds($week->anchor())) {
                continue;
            }

            // A week begins where the one before it ended.
            $eve = $week->span->first->plus(-1);
            $before = array_key_exists($eve->number, $known) ? $known[$eve->number] : $progress($eve);
            $after = $known[$week->span->last->number] = $progress($week->span->last);

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
    private function ahead(Span $span, Day $on, array $increments, int $remaining): Forecast
    {
        $walk = new Walk($increments, $remaining);
        $week = $this->calendar->weekOf($on);
        $week = $week->anchor()->isAfter($on) ? $week : $this->calendar->next($week);
        $weeksLeft = $week->anchor()->isAfter($span->last)
            ? 0
            : count($this->calendar->weeksIn(new Span($week->anchor(), $span->last)));
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
            $likely ??= $walk->isAtLeast(0.5) ? $week->span->last : null;
            $safe ??= $walk->isAtLeast(0.85) ? $week->span->last : null;

            if ($ahead === $weeksLeft) {
                $chance = $walk->chance();
                [$low, $high] = [$done + $walk->quantile(0.1), $done + $walk->quantile(0.9)];
            }
        }

        return new Forecast($increments, $chance, $likely, $safe, max(0, $low), max(0, $high), $remaining, $weeksLeft);
    }
}
