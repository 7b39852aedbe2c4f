<?php

declare(strict_types=1);

namespace App\Queries\Goals;

use Illuminate\Support\Facades\DB;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Calendar\Span;
use Loftrin\Core\Work\Heap;
use Loftrin\Core\Work\Tallies;
use Loftrin\Core\Work\Tally;
use Loftrin\Core\Work\Weighing;

/**
 * The tallies of projects and goals from the database: one aggregate for all projects and all days asked
 * for, one for the direct tasks of goals, one for what was counted.
 */
final class StoredTallies implements Tallies
{
    /** @var array<int, array<string, list<Heap>>> by day and project */
    private array $projects = [];

    /** @var array<int, array<string, Tally>> by day and goal; only goals that have a task by then */
    private array $directTasks = [];

    /** @var ?array<string, array<int, int>> tasks done by goal and day */
    private ?array $done = null;

    /**
     * @param array<array-key, Weighing> $weighings by project
     * @param list<string>               $goals     whose direct tasks are asked for
     * @param list<string>               $counting  goals that count what is done
     */
    public function __construct(
        private readonly array $weighings,
        private readonly array $goals,
        private readonly array $counting,
    ) {
    }

    /**
     * Fetches the tallies of those days at once; a day that was not prepared costs two queries when asked for.
     *
     * @param list<Day> $days
     */
    public function prepare(array $days): void
    {
        $days = array_values(array_filter($days, fn(Day $day): bool => ! isset($this->projects[$day->number])));

        if ($days === []) {
            return;
        }

        foreach ($days as $day) {
            $this->projects[$day->number] = [];
            $this->directTasks[$day->number] = [];
        }

        foreach (TaskSums::by('project_id', array_keys($this->weighings), $days) as $row) {
            foreach ($row->heaps as $number => $heap) {
                $this->projects[$number][$row->owner][] = $heap;
            }
        }

        $heaps = [];

        foreach (TaskSums::by('goal_id', $this->goals, $days) as $row) {
            foreach ($row->existing as $number) {
                $heaps[$number][$row->owner][] = $row->heaps[$number];
            }
        }

        foreach ($heaps as $number => $byGoal) {
            $this->directTasks[$number] = array_map(Weighing::Count->tally(...), $byGoal);
        }
    }

    public function ofProject(string $project, Day $on): Tally
    {
        $this->prepare([$on]);

        return $this->weighings[$project]->tally($this->projects[$on->number][$project] ?? []);
    }

    public function ofDirectTasks(string $goal, Day $on): ?Tally
    {
        $this->prepare([$on]);

        return $this->directTasks[$on->number][$goal] ?? null;
    }

    public function doneFor(string $goal, Span $span): int
    {
        $this->done ??= $this->countDone();
        $count = 0;

        foreach ($this->done[$goal] ?? [] as $day => $tasks) {
            $count += $day >= $span->first->number && $day <= $span->last->number ? $tasks : 0;
        }

        return $count;
    }

    /** @return array<string, array<int, int>> */
    private function countDone(): array
    {
        if ($this->counting === []) {
            return [];
        }

        $direct = DB::table('tasks')->whereIn('goal_id', $this->counting)->whereNotNull('done_on')
            ->select('goal_id', 'done_on', 'id');
        // A task has a project or a goal, never both: nothing is counted twice for one goal.
        $rows = DB::table('tasks')->join('servings', 'servings.project_id', '=', 'tasks.project_id')
            ->whereIn('servings.goal_id', $this->counting)->whereNotNull('done_on')
            ->select('servings.goal_id', 'done_on', 'tasks.id')
            ->unionAll($direct);
        $done = [];

        foreach (DB::query()->fromSub($rows, 'linked')->selectRaw('goal_id, done_on, count(*) as tasks')->groupBy('goal_id', 'done_on')->get() as $row) {
            $done[(string) $row->goal_id][Day::of(substr((string) $row->done_on, 0, 10))->number] = (int) $row->tasks;
        }

        return $done;
    }
}
