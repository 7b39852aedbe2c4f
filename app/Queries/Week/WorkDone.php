<?php

declare(strict_types=1);

namespace App\Queries\Week;

use App\Models\Area;
use App\Models\Goal;
use App\Models\Project;
use App\Models\Visibility;
use App\Models\Workspace;
use App\Store\Remembered;
use Illuminate\Database\Eloquent\Builder as EloquentBuilder;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Calendar\Period;
use Loftrin\Core\Calendar\Span;
use Loftrin\Core\Work\Ledger;

/** What share of the team's work served goals, week by week. Private tasks and goals are nobody else's to count. */
final readonly class WorkDone
{
    public function __construct(private Workspace $workspace, private Remembered $remembered)
    {
    }

    /**
     * Threaded ÷ total minutes of the weeks in which anything was done (computation 7), summed in the database.
     *
     * @param list<Period> $weeks one after the other
     *
     * @return array<string, float> 0 to 1, by week
     */
    public function sharesByWeek(array $weeks): array
    {
        $today = $this->workspace->today();
        $past = array_values(array_filter($weeks, static fn(Period $week): bool => $week->isOverOn($today)));

        if ($past === []) {
            return $this->shares($weeks);
        }

        return [
            ...$this->remembered->ofPast(
                "shares of {$past[0]->name} and ".count($past).' weeks on',
                fn(): array => $this->shares($past),
            ),
            ...$this->shares(array_slice($weeks, count($past))),
        ];
    }

    /**
     * @param list<Period> $weeks
     *
     * @return array<string, float>
     */
    private function shares(array $weeks): array
    {
        if ($weeks === []) {
            return [];
        }

        $sums = [];
        $days = self::sums(DB::table('tasks')->whereBetween('done_on', [(string) $weeks[0]->span->first, (string) end($weeks)->span->last]))
            ->groupBy('done_on')
            ->addSelect('done_on')
            ->get();

        foreach ($days as $row) {
            $week = $this->workspace->calendar()->weekOf(Day::of(substr((string) $row->done_on, 0, 10)))->name;
            $sums[$week][0] = ($sums[$week][0] ?? 0) + (int) $row->threaded;
            $sums[$week][1] = ($sums[$week][1] ?? 0) + (int) $row->minutes;
        }

        return array_map(static fn(array $sum): float => round($sum[0] / $sum[1], 4), $sums);
    }

    /** @return array{threaded: int, minutes: int} of what was done in the span for the area's projects and goals */
    public function inArea(Area $area, Span $span): array
    {
        // A task has a project or a goal, never both: asked for one after the other, each is found by an index.
        $done = static fn(string $column, EloquentBuilder $within): Builder => DB::table('tasks')
            ->whereIn($column, $within->where('area_id', $area->id)->select('id'))
            ->whereBetween('done_on', [(string) $span->first, (string) $span->last])
            ->select(['visibility', 'minutes', 'goal_id', 'project_id', 'recurring_task_id']);

        return $this->remembered->of("work done in area $area->id, $span->first to $span->last", static function () use ($done): array {
            $row = self::sums(
                DB::query()->fromSub($done('project_id', Project::query())->unionAll($done('goal_id', Goal::query())), 'tasks'),
            )->first();

            return ['threaded' => (int) ($row->threaded ?? 0), 'minutes' => (int) ($row->minutes ?? 0)];
        });
    }

    /** The minutes of those of the tasks that everyone may see, and of those of them that led to a goal. */
    private static function sums(Builder $tasks): Builder
    {
        $open = Visibility::Everyone->value;
        $threaded = "tasks.goal_id is not null
            or tasks.project_id in (
                select contributions.project_id from contributions join goals on goals.id = contributions.goal_id
                where goals.visibility = '$open'
            )
            or tasks.recurring_task_id in (
                select recurring_task_contributions.recurring_task_id from recurring_task_contributions
                join goals on goals.id = recurring_task_contributions.goal_id where goals.visibility = '$open'
            )";

        return $tasks
            ->where('visibility', $open)
            ->selectRaw('sum(coalesce(minutes, ?)) as minutes', [Ledger::USUAL_MINUTES])
            ->selectRaw("sum(case when $threaded then coalesce(minutes, ?) else 0 end) as threaded", [Ledger::USUAL_MINUTES]);
    }
}
