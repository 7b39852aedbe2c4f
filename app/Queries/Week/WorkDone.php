<?php

declare(strict_types=1);

namespace App\Queries\Week;

use App\Models\Visibility;
use App\Models\Workspace;
use Illuminate\Support\Facades\DB;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Calendar\Period;
use Loftrin\Core\Work\Ledger;

/** What share of the team's work served goals, week by week. Private tasks and goals are nobody else's to count. */
final readonly class WorkDone
{
    public function __construct(private Workspace $workspace)
    {
    }

    /**
     * Threaded ÷ total minutes of the weeks in which anything was done (computation 7), summed in the database.
     *
     * @param list<Period> $weeks
     *
     * @return array<string, float> 0 to 1, by week
     */
    public function sharesByWeek(array $weeks): array
    {
        if ($weeks === []) {
            return [];
        }

        $open = Visibility::Everyone->value;
        $threaded = "tasks.goal_id is not null or exists (select 1 from servings join goals on goals.id = servings.goal_id
            where servings.project_id = tasks.project_id and goals.visibility = '$open')";
        $rows = DB::table('tasks')
            ->where('visibility', $open)
            ->whereBetween('done_on', [(string) $weeks[0]->span->first, (string) end($weeks)->span->last])
            ->groupBy('done_on')
            ->selectRaw('done_on, sum(coalesce(minutes, ?)) as minutes', [Ledger::USUAL_MINUTES])
            ->selectRaw("sum(case when $threaded then coalesce(minutes, ?) else 0 end) as threaded", [Ledger::USUAL_MINUTES])
            ->get();
        $sums = [];

        foreach ($rows as $row) {
            $week = $this->workspace->calendar()->weekOf(Day::of(substr((string) $row->done_on, 0, 10)))->name;
            $sums[$week][0] = ($sums[$week][0] ?? 0) + (int) $row->threaded;
            $sums[$week][1] = ($sums[$week][1] ?? 0) + (int) $row->minutes;
        }

        return array_map(static fn(array $sum): float => round($sum[0] / $sum[1], 4), $sums);
    }
}
