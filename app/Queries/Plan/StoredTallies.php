<?php

declare(strict_types=1);

namespace App\Queries\Plan;

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
    private const FEW_DAYS = 3;

    /** @var array<string, array<int, list<Heap>>> by days and project: those that were fetched */
    private array $projects = [];

    /** @var array<string, array<int, ?Tally>> by days and goal: those that were fetched; null while it has no task */
    private array $directTasks = [];

    /** @var ?array<array-key, mixed> goals that have tasks of their own, once they are asked for */
    private ?array $holders = null;

    /** @var ?array<int, array<int, int>> tasks done by goal and day */
    private ?array $done = null;

    private ?StayingTasks $staying = null;

    /**
     * @param array<array-key, Weighing> $weighings by project
     * @param list<int> $goals whose direct tasks are asked for
     * @param list<int> $counting goals that count what is done
     */
    public function __construct(private readonly array $weighings, private readonly array $goals, private readonly array $counting)
    {
    }

    /**
     * Fetches at once the tallies of all projects and of all goals' direct tasks as of those days. What was not
     * fetched costs two queries when it is asked for.
     *
     * @param list<Day> $days
     */
    public function prepare(array $days): void
    {
        $this->fetchAll(...array_map(static fn(Day $day): ScopeDay => new ScopeDay($day), $days));
    }

    private function fetchAll(ScopeDay ...$days): void
    {
        $projects = array_map(intval(...), array_keys($this->weighings));
        $this->fetch(array_map(fn(ScopeDay $day): array => [$day, $projects, $this->goals], array_values($days)));
    }

    /** @param list<array{ScopeDay, list<int>, list<int>}> $wanted days, each with projects and goals */
    public function fetch(array $wanted): void
    {
        [$ofProjects, $ofGoals] = [[], []];

        foreach ($wanted as [$day, $projects, $goals]) {
            foreach ($projects as $project) {
                if (! isset($this->projects[$day->key][$project])) {
                    $this->projects[$day->key][$project] = [];
                    $ofProjects[] = [$project, $day, $this->weighings[$project] === Weighing::Effort];
                }
            }

            foreach ($goals as $goal) {
                if (! array_key_exists($goal, $this->directTasks[$day->key] ?? [])) {
                    $this->directTasks[$day->key][$goal] = null;

                    if ($this->hasTasks($goal) && ! $this->staying()->areAt($goal)) {
                        $ofGoals[] = [$goal, $day, false];
                    }
                }
            }
        }

        foreach (self::heaps('project_id', $ofProjects) as $day => $byProject) {
            $this->projects[$day] = $byProject + $this->projects[$day];
        }

        foreach (self::heaps('goal_id', $ofGoals) as $day => $byGoal) {
            $this->directTasks[$day] = array_map(Weighing::Count->tally(...), $byGoal) + $this->directTasks[$day];
        }
    }

    /**
     * Summed up by the database, or over many days from the tasks themselves: looking at each once takes as long as
     * summing them up three times.
     *
     * @param 'project_id'|'goal_id' $column
     * @param list<array{int, ScopeDay, bool}> $wanted owners, each with a day, and whether its tasks weigh by their estimates
     *
     * @return array<string, array<int, list<Heap>>> by the key of the day and owner, where a task exists
     */
    private static function heaps(string $column, array $wanted): array
    {
        $days = array_count_values(array_column($wanted, 0));
        $isOnMany = static fn(array $each): bool => $days[$each[0]] > self::FEW_DAYS;
        $isOnFew = static fn(array $each): bool => ! $isOnMany($each);
        $heaps = TaskHistories::by($column, array_values(array_filter($wanted, $isOnMany)));

        foreach (TaskSums::by($column, array_values(array_filter($wanted, $isOnFew))) as $day => $of) {
            $heaps[$day] = $of + ($heaps[$day] ?? []);
        }

        return $heaps;
    }

    /** Whether the goal has tasks of its own: most have none, and each that is summed up costs a part of the question. */
    private function hasTasks(int $goal): bool
    {
        $this->holders ??= DB::table('goals')
            ->whereIntegerInRaw('id', $this->goals)
            ->whereRaw('exists (select 1 from tasks where tasks.goal_id = goals.id)')
            ->pluck('id', 'id')
            ->all();

        return isset($this->holders[$goal]);
    }

    private function staying(): StayingTasks
    {
        return $this->staying ??= new StayingTasks($this->goals);
    }

    public function ofProject(string $project, Day $on, ?Day $by = null): Tally
    {
        $day = new ScopeDay($on, $by);

        if (! isset($this->projects[$day->key][(int) $project])) {
            $this->fetchAll($day);
        }

        return $this->weighings[$project]->tally($this->projects[$day->key][(int) $project] ?? []);
    }

    public function ofDirectTasks(string $goal, Day $on, ?Day $by = null): ?Tally
    {
        if ($this->staying()->areAt((int) $goal)) {
            return $this->staying()->tallies()->ofDirectTasks($goal, $on, $by);
        }

        $day = new ScopeDay($on, $by);

        if (! array_key_exists((int) $goal, $this->directTasks[$day->key] ?? [])) {
            $this->fetchAll($day);
        }

        return $this->directTasks[$day->key][(int) $goal] ?? null;
    }

    public function doneFor(string $goal, Span $span): int
    {
        $this->done ??= CountedTasks::of($this->counting);
        $count = 0;

        foreach ($this->done[(int) $goal] ?? [] as $day => $tasks) {
            $count += $day >= $span->first->number && $day <= $span->last->number ? $tasks : 0;
        }

        return $count;
    }
}
