<?php

declare(strict_types=1);

namespace App\Queries\Goals;

use App\Models\Goal;
use App\Models\Person;
use App\Models\Workspace;
use App\Queries\Goals\Answers\ChartPoint;
use App\Queries\Goals\Answers\GoalRow;
use App\Queries\Plan\ListedGoal;
use App\Queries\Plan\OutlinedGoal;
use App\Queries\Plan\StoredPlan;
use App\Queries\Plan\StoredPlans;
use App\Queries\Plan\Threads;
use App\Store\Question;
use App\Store\Remembered;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Calendar\Horizon;
use Loftrin\Core\Fraction;
use Loftrin\Core\Goals\Lineage;
use Loftrin\Core\Goals\Readiness;

/** Works out where a goal stands and how it came there. */
final readonly class GoalCourse
{
    public function __construct(private Workspace $workspace, private StoredPlans $plans, private Remembered $remembered)
    {
    }

    public function of(Goal $goal, Person $viewer, Day $on): GoalFigures
    {
        $threads = $this->plans->threads($viewer, $this->workspace->calendar()->period($goal->period));
        $stored = $this->plans->beneath([$this->root($goal, $threads)], $viewer);
        $course = self::courseDays($goal);
        $stored->prepare([$on]);
        $reached = $this->reached($goal, $stored, $course, $on);
        $core = $stored->core($goal);
        $forecast = $stored->forecast($goal, $on);
        $sum = new WrittenSum($stored, $core->closingOn($on)->on ?? $on);
        $goals = $stored->listed();
        $row = static fn(ListedGoal $each): GoalRow => GoalRow::of($each, $stored, $threads, $on);

        return new GoalFigures(
            plan: $stored,
            row: GoalRow::of($goal, $stored, $threads, $on, $forecast),
            above: array_map($row, self::above($goal, $goals)),
            beneath: array_map(
                $row,
                array_values(array_filter($goals, static fn(ListedGoal $each): bool => $each->parent_id === $goal->id)),
            ),
            sum: $sum->lines($goal),
            decided: $sum->decided($goal),
            formula: $sum->formula($goal, $stored->figure($goal, $on)),
            chart: array_map(
                static fn(Day $day): ChartPoint => new ChartPoint(
                    $day,
                    $day->isAfter($on) ? null : $reached[$day->number],
                    self::percent($stored->rollup->expected($core, $day)),
                ),
                self::withDay($course, $on),
            ),
            forecast: $forecast,
            ready: Readiness::of($core, $stored->rollup, $on),
            lag: (new LagWords($stored))->of($goal, $on),
        );
    }

    /**
     * From week to week through its period, each day of a shorter one; the day after the last ends it.
     *
     * @return non-empty-list<Day>
     */
    private static function courseDays(Goal $goal): array
    {
        $stride = match ($goal->horizon) {
            Horizon::Year, Horizon::Quarter => 7,
            Horizon::Month, Horizon::Week => 1,
        };

        return array_map(Day::ofNumber(...), [
            ...range($goal->starts_on->number, $goal->ends_on->number, $stride),
            $goal->ends_on->number + 1,
        ]);
    }

    /**
     * @param non-empty-list<Day> $course
     *
     * @return list<Day> those and the day, where it lies among them
     */
    private static function withDay(array $course, Day $on): array
    {
        if ($on->isBefore($course[0]) || $on->isAfter(end($course))) {
            return $course;
        }

        $days = array_column([...$course, $on], null, 'number');
        ksort($days);

        return array_values($days);
    }

    /** The goal furthest up that can be seen from it. */
    private function root(Goal $goal, Threads $threads): int
    {
        $above = Lineage::upFrom(
            $threads->goal($goal->parent_id),
            static fn(OutlinedGoal $at): ?OutlinedGoal => $threads->goal($at->parent),
            static fn(OutlinedGoal $at): int => $at->id,
        );

        return $above === [] ? $goal->id : $above[count($above) - 1]->id;
    }

    /**
     * @param array<int, ListedGoal> $goals by id
     *
     * @return list<ListedGoal> from the top of the thread down
     */
    private static function above(Goal $goal, array $goals): array
    {
        $parentOf = static fn(Goal|ListedGoal $at): ?ListedGoal => $goals[$at->parent_id ?? 0] ?? null;

        return array_reverse(Lineage::upFrom($parentOf($goal), $parentOf, static fn(ListedGoal $at): int => $at->id));
    }

    /**
     * How far it had come by each of the days of its course, and the one as of which all is shown. Where it stood before this
     * week is remembered: few changes concern it.
     *
     * @param list<Day> $course
     *
     * @return array<int, ?float> in per cent, by number of the day
     */
    private function reached(Goal $goal, StoredPlan $stored, array $course, Day $on): array
    {
        $week = $this->workspace->calendar()->weekOf($this->workspace->today())->span->first;
        $past = array_filter($course, static fn(Day $day): bool => $day->isBefore($week));
        $present = array_filter([...array_diff_key($course, $past), $on], static fn(Day $day): bool => ! $day->isAfter($on));
        $prepare = static fn(Day ...$days) => $stored->prepare(array_values($days), forecastsOn: $on, of: $goal);
        $by = static function (array $days) use ($goal, $stored): array {
            $progress = static fn(Day $day): ?float => self::percent($stored->rollup->progress($stored->core($goal), $day));

            return array_combine(array_column($days, 'number'), array_map($progress, $days));
        };

        // All at once where the past is asked for too.
        $asked = Question::ofAll('course of a goal', $goal->id)->aboutPast();
        $before = $this->remembered->of($asked, static function () use ($prepare, $by, $past, $present): array {
            $prepare(...$past, ...$present);

            return $by($past);
        });
        $prepare(...$present);

        return $before + $by($present);
    }

    private static function percent(?Fraction $value): ?float
    {
        return $value?->times(Fraction::of(100))->rounded(1);
    }
}
