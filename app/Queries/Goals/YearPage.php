<?php

declare(strict_types=1);

namespace App\Queries\Goals;

use App\Models\Person;
use App\Models\Workspace;
use App\Queries\Goals\Answers\GoalRow;
use App\Queries\Goals\Answers\YearColumn;
use App\Queries\Goals\Answers\YearFilter;
use App\Queries\Goals\Answers\YearFloor;
use App\Queries\Goals\Answers\YearView;
use App\Queries\Parts\Answers\Option;
use App\Queries\Parts\Answers\PeriodTag;
use App\Queries\Parts\Answers\PersonTag;
use App\Queries\Parts\Choices;
use App\Queries\Plan\Answers\Cord;
use App\Queries\Plan\StoredPlans;
use App\Store\Question;
use App\Store\Remembered;
use Loftrin\Core\Calendar\Calendar;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Calendar\Horizon;
use Loftrin\Core\Calendar\Period;

final readonly class YearPage
{
    public function __construct(
        private Workspace $workspace,
        private StoredPlans $plans,
        private GoalRows $rows,
        private Choices $choices,
        private Remembered $remembered,
    ) {
    }

    /** @param ?Period $period to draw; the year of the day where none is given */
    public function of(Person $viewer, ?Period $period, Day $on, YearFilter $filter): YearView
    {
        $calendar = $this->workspace->calendar();
        $drawn = $period ?? $calendar->yearOf($on);
        $threads = $this->plans->threads($viewer, $drawn);
        $year = $calendar->yearOf($drawn->anchor());
        $all = $this->rows->ofYear($year, $viewer, $on);
        $rows = array_values(
            array_filter($all, static function (GoalRow $row) use ($filter, $threads): bool {
                $goal = $threads->goal($row->id);

                return $goal !== null && $filter->holds($goal, $row, $threads);
            }),
        );
        usort($rows, static fn(GoalRow $a, GoalRow $b): int => self::worst($a) <=> self::worst($b));
        $slackest = self::slackest($rows);

        return new YearView(
            period: PeriodTag::of($drawn, $calendar),
            above: array_map(static fn(Period $above): PeriodTag => PeriodTag::of($above, $calendar), $this->above($drawn)),
            on: $on,
            isPast: $on->number !== $this->workspace->today()->number,
            holdsOn: $drawn->span->holds($on),
            slackest: $slackest,
            lag: $slackest === null ? null : $this->lag($slackest, $year, $viewer, $on),
            floors: $this->floors($drawn, $rows, $on),
            filter: $filter,
            people: PersonTag::all(),
            groups: $this->choices->groups(),
            areas: $this->choices->areas(),
            threads: array_map(
                static fn(Cord $cord, int|string $top): Option => new Option((string) $top, "$cord->mark, $cord->title"),
                $threads->all(),
                array_keys($threads->all()),
            ),
        );
    }

    /** @return list<Period> */
    private function above(Period $drawn): array
    {
        $calendar = $this->workspace->calendar();
        $longer = match ($drawn->horizon) {
            Horizon::Year => [],
            Horizon::Quarter => [Horizon::Year],
            Horizon::Month, Horizon::Week => [Horizon::Year, Horizon::Quarter],
        };

        return array_map(static fn(Horizon $horizon): Period => $calendar->periodOf($horizon, $drawn->anchor()), $longer);
    }

    /**
     * @param list<GoalRow> $rows
     *
     * @return list<YearFloor> from the year down; months only where a goal is for one
     */
    private function floors(Period $drawn, array $rows, Day $on): array
    {
        $floors = [];

        foreach ([Horizon::Year, Horizon::Quarter, Horizon::Month, Horizon::Week] as $horizon) {
            $columns = array_map(
                fn(Period $period): YearColumn => new YearColumn(
                    PeriodTag::of($period, $this->workspace->calendar()),
                    $period->span->holds($on),
                    array_values(array_filter($rows, static fn(GoalRow $row): bool => $row->period === $period->name)),
                ),
                $this->periods($drawn, $horizon),
            );
            $isUsed = array_filter($columns, static fn(YearColumn $column): bool => $column->goals !== []) !== [];

            if ($columns !== [] && ($horizon !== Horizon::Month || $isUsed)) {
                $floors[] = new YearFloor($horizon, $columns);
            }
        }

        return $floors;
    }

    /** @return list<Period> those within what is drawn, or the one that holds it */
    private function periods(Period $drawn, Horizon $horizon): array
    {
        $calendar = $this->workspace->calendar();

        return match (true) {
            $horizon === $drawn->horizon => [$drawn],
            $horizon === Horizon::Month && $drawn->horizon === Horizon::Week => [],
            ! $drawn->horizon->mayHold($horizon) => [$calendar->periodOf($horizon, $drawn->anchor())],
            $horizon === Horizon::Week => $calendar->weeksIn($drawn->span),
            default => self::within($drawn, $horizon, $calendar),
        };
    }

    /** @return list<Period> */
    private static function within(Period $drawn, Horizon $horizon, Calendar $calendar): array
    {
        $periods = [];

        for ($period = $calendar->periodOf($horizon, $drawn->span->first); $drawn->holds($period); $period = $calendar->next($period)) {
            $periods[] = $period;
        }

        return $periods;
    }

    /** @return array{bool, float, int} closed last; then by gap, the largest lag first; then by age */
    private static function worst(GoalRow $row): array
    {
        $gap = ($row->gauge->progress ?? 0.0) - ($row->gauge->expected ?? 0.0);

        return [$row->isClosed, $row->isClosed ? 0.0 : $gap, $row->id];
    }

    private function lag(GoalRow $row, Period $year, Person $viewer, Day $on): ?string
    {
        $asked = Question::by($viewer, 'lag of a goal', $row->id, $on);

        return $this->remembered->of($asked, function () use ($row, $year, $viewer, $on): ?string {
            $stored = $this->plans->holding($year, $viewer);
            $goal = $stored->listed([$row->id])[$row->id] ?? null;

            return $goal === null ? null : (new LagWords($stored))->of($goal, $on);
        });
    }

    /**
     * The open year goal that is furthest behind its pace.
     *
     * @param list<GoalRow> $rows worst first
     */
    private static function slackest(array $rows): ?GoalRow
    {
        foreach ($rows as $row) {
            if ($row->horizon === Horizon::Year && ! $row->isClosed && $row->gauge->band->isBehind()) {
                return $row;
            }
        }

        return null;
    }
}
