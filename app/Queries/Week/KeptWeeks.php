<?php

declare(strict_types=1);

namespace App\Queries\Week;

use App\Models\Person;
use App\Models\Task;
use App\Models\Workspace;
use App\Queries\Week\Answers\KeptWeekRow;
use App\Queries\Week\Answers\PlanPace;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Loftrin\Core\Calendar\Period;
use Loftrin\Core\Work\Task as CoreTask;
use Loftrin\Core\Work\WeekOutcome;

/** Past weeks of a person as they were kept when they ended, as far as the viewer may see their tasks. */
final readonly class KeptWeeks
{
    /** The mean is of so many weeks. */
    private const WEEKS = 4;

    public function __construct(private Workspace $workspace)
    {
    }

    /** Null of a week that was not kept: it lies before this was done, or is not over. */
    public function of(Period $week, Person $viewer, Person $whose): ?KeptWeekRow
    {
        return $this->sums([$week->name], $viewer, $whose)[$week->name] ?? null;
    }

    /**
     * What was planned for the week and not done in it.
     *
     * @return array<int, WeekOutcome> by task
     */
    public function left(Period $week, Person $viewer, Person $whose): array
    {
        $left = [];

        foreach (
            $this->rows($viewer, $whose)
                ->where('week', $week->name)
                ->where('is_planned', true)
                ->where('outcome', '<>', WeekOutcome::Done->value)
                ->orderBy('task_id')
                ->get(['task_id', 'outcome']) as $row
        ) {
            $left[(int) $row->task_id] = WeekOutcome::from((string) $row->outcome);
        }

        return $left;
    }

    /** Null while nothing is known of earlier weeks. */
    public function pace(Period $week, Person $viewer, Person $whose, int $holds): ?PlanPace
    {
        $calendar = $this->workspace->calendar();
        $names = [];

        for ($before = $calendar->previous($week); count($names) < self::WEEKS; $before = $calendar->previous($before)) {
            $names[] = $before->name;
        }

        $sums = $this->sums($names, $viewer, $whose);
        $count = count($sums);
        $mean = static fn(string $of): int => $count === 0 ? 0 : intdiv(array_sum(array_column($sums, $of)), $count);

        return $count === 0 ? null : new PlanPace($count, $mean('planned'), $mean('done'), $holds);
    }

    /**
     * @param list<string> $weeks
     *
     * @return array<string, KeptWeekRow> those that were kept, by name
     */
    private function sums(array $weeks, Person $viewer, Person $whose): array
    {
        $minutes = 'coalesce(minutes, '.CoreTask::USUAL_MINUTES.')';
        $sums = [];

        foreach (
            $this->rows($viewer, $whose)
                ->whereIn('week', $weeks)
                ->whereNotNull('outcome')
                ->groupBy('week')
                ->selectRaw("week, sum(case when is_planned then $minutes else 0 end) as planned")
                ->selectRaw("sum(case when is_planned and outcome = 'done' then $minutes else 0 end) as done")
                ->selectRaw("sum(case when is_planned then 0 else $minutes end) as besides")
                ->get() as $row
        ) {
            $sums[(string) $row->week] = new KeptWeekRow((string) $row->week, (int) $row->planned, (int) $row->done, (int) $row->besides);
        }

        return $sums;
    }

    private function rows(Person $viewer, Person $whose): Builder
    {
        return DB::table('week_tasks')
            ->where('owner_id', $whose->id)
            ->when(
                ! $viewer->is($whose),
                static fn(Builder $rows) => $rows->whereIn('task_id', Task::query()->visibleTo($viewer)->select('id')->toBase()),
            );
    }
}
