<?php

declare(strict_types=1);

namespace App\Queries\Goals;

use App\Models\Goal;
use App\Models\Person;
use App\Models\Workspace;
use App\Queries\Parts\PeriodTag;
use Loftrin\Core\Calendar\Horizon;
use Loftrin\Core\Calendar\Period;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** The year as a drawing to scale: its goals on the top floor, quarters below, weeks on the ground floor. */
final readonly class SheetPage
{
    public function __construct(private Workspace $workspace, private StoredPlans $plans)
    {
    }

    /** @throws NotFoundHttpException when there is no such year */
    public function of(Person $viewer, ?string $name): Sheet
    {
        $calendar = $this->workspace->calendar();
        $today = $this->workspace->today();
        $year = $name === null ? $calendar->yearOf($today) : $calendar->tryPeriod($name);

        if ($year === null) {
            throw new NotFoundHttpException();
        }

        $stored = $this->plans->ofYear($year, $viewer);
        $stored->prepare([$today]);
        $threads = new Threads($stored);
        $rows = array_values($stored->goals->map(static fn(Goal $goal): GoalRow => GoalRow::of($goal, $stored, $threads, $today))->all());
        $on = static fn(Horizon $horizon): array => array_values(array_filter($rows, static fn(GoalRow $row): bool => $row->horizon === $horizon));

        return new Sheet(
            PeriodTag::of($year, $calendar),
            $year->span->holds($today) ? $today : null,
            $this->slackest($on(Horizon::Year)),
            $on(Horizon::Year),
            $this->floor($year, Horizon::Quarter, $on(Horizon::Quarter)),
            $on(Horizon::Month) === [] ? [] : $this->floor($year, Horizon::Month, $on(Horizon::Month)),
            array_map(static fn(Period $week): SheetColumn => new SheetColumn(
                PeriodTag::of($week, $calendar),
                $week->span->holds($today),
                array_values(array_filter($on(Horizon::Week), static fn(GoalRow $row): bool => $row->period === $week->name)),
            ), $calendar->weeksIn($year->span)),
        );
    }

    /**
     * @param list<GoalRow> $rows
     *
     * @return list<SheetColumn> one for each period of that horizon, open goals worst first
     */
    private function floor(Period $year, Horizon $horizon, array $rows): array
    {
        $calendar = $this->workspace->calendar();
        $today = $this->workspace->today();
        $columns = [];

        for ($period = $calendar->periodOf($horizon, $year->span->first); $year->holds($period); $period = $calendar->next($period)) {
            $mine = array_values(array_filter($rows, static fn(GoalRow $row): bool => $row->period === $period->name));
            usort($mine, static fn(GoalRow $a, GoalRow $b): int => self::worst($a) <=> self::worst($b));
            $columns[] = new SheetColumn(PeriodTag::of($period, $calendar), $period->span->holds($today), $mine);
        }

        return $columns;
    }

    /** @return array{bool, float, int} closed last; then by gap, the largest lag first; then by age */
    private static function worst(GoalRow $row): array
    {
        $gap = ($row->gauge->progress ?? 0.0) - ($row->gauge->expected ?? 0.0);

        return [$row->isClosed, $row->isClosed ? 0.0 : $gap, $row->id];
    }

    /**
     * The open goal that is furthest behind its pace.
     *
     * @param list<GoalRow> $rows
     */
    private function slackest(array $rows): ?GoalRow
    {
        $open = array_filter($rows, static fn(GoalRow $row): bool => ! $row->isClosed && str_ends_with($row->gauge->band->value, 'behind'));
        usort($open, static fn(GoalRow $a, GoalRow $b): int => self::worst($a) <=> self::worst($b));

        return $open[0] ?? null;
    }
}
