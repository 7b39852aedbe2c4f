<?php

declare(strict_types=1);

namespace App\Queries\Lists;

use App\Models\Person;
use App\Models\Task;
use App\Models\Workspace;
use App\Queries\Hours\Capacities;
use App\Queries\Lists\Answers\DateStep;
use App\Queries\Lists\Answers\DateView;
use App\Queries\Lists\Answers\ListCount;
use App\Queries\Lists\Answers\SavedTag;
use App\Queries\Parts\Answers\PersonTag;
use App\Queries\Parts\Answers\TaskRow;
use App\Queries\Parts\ListedTask;
use App\Queries\Plan\StoredPlans;
use App\Queries\Week\Answers\WeekDay;
use App\Queries\Week\WeekPlans;
use App\Store\Question;
use App\Store\Remembered;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Calendar\Period;
use Loftrin\Core\Work\Task as CoreTask;

/** A person's open tasks by date, with what still fits into each day and the next week. */
final readonly class DatePage
{
    /** How many tasks of a step are shown, by how near it is. */
    private const NEAR = 8;

    private const NEXT_WEEK = 4;

    private const NOT_SCHEDULED = 3;

    public function __construct(
        private Workspace $workspace,
        private DateScale $scale,
        private StoredPlans $plans,
        private OwnTasks $tasks,
        private Capacities $capacities,
        private WeekPlans $weeks,
        private Remembered $remembered,
    ) {
    }

    /**
     * @param int $minutes how long the free time is that the counts of the other lists go by
     * @param Day $since from when on finished tasks are counted
     */
    public function of(Person $viewer, int $minutes, Day $since): DateView
    {
        [$loads, $tasks] = $this->remembered->of(
            Question::by($viewer, 'tasks by date'),
            fn(): array => [$this->loads($viewer), $this->shown($viewer)],
        );
        $step = fn(string $name, ?string $time = null, ?int $free = null): DateStep => new DateStep(
            $name,
            $time,
            $free,
            $loads[$name][0] ?? 0,
            $loads[$name][1] ?? 0,
            ($shown = array_slice($tasks[$name] ?? [], 0, $this->room($name))),
            max(0, ($loads[$name][1] ?? 0) - self::minutes($shown)),
        );
        $steps = [
            $step(DateScale::LATE),
            ...array_map(
                static fn(WeekDay $day): DateStep => $step(
                    $day->isToday ? DateScale::TODAY : (string) $day->on,
                    (string) $day->on,
                    $day->free,
                ),
                $this->weeks->left($viewer),
            ),
            $step(DateScale::WEEK, $this->scale->week->name),
            ...array_map(
                fn(Period $week): DateStep => $step($week->name, $week->name, $this->freeIn($week, $viewer)),
                $this->scale->ahead,
            ),
            $step(DateScale::LATER),
            $step(DateScale::NOT_SCHEDULED),
        ];

        return new DateView(
            week: $this->scale->week->name,
            steps: array_values(array_filter($steps, static fn(DateStep $each): bool => $each->count > 0 || $each->free !== null)),
            count: array_sum(array_column($loads, 0)),
            minutes: array_sum(array_column($loads, 1)),
            lists: ListCount::all($this->tasks->counts($viewer, $minutes, $since)),
            saved: SavedTag::all($viewer),
            people: PersonTag::all(),
        );
    }

    /** @return array<string, array{int, int}> tasks and minutes, by step */
    private function loads(Person $viewer): array
    {
        $loads = [];
        $rows = DB::query()
            ->fromSub($this->onSteps($viewer), 'placed')
            ->groupBy('step')
            ->selectRaw('step, count(*) as tasks, sum(coalesce(minutes, ?)) as minutes', [CoreTask::USUAL_MINUTES])
            ->get();

        foreach ($rows as $row) {
            $loads[(string) $row->step] = [(int) $row->tasks, (int) $row->minutes];
        }

        return $loads;
    }

    /** @return array<string, list<TaskRow>> the first of each step */
    private function shown(Person $viewer): array
    {
        $placed = DB::query()
            ->fromSub($this->onSteps($viewer), 'placed')
            ->select('id', 'step')
            ->selectRaw('row_number() over (partition by step order by rank is null, rank, due_on is null, due_on, id) as place');
        $steps = DB::query()->fromSub($placed, 'shown')->where('place', '<=', self::NEAR)->orderBy('place')->pluck('step', 'id');
        $threads = $this->plans->threads($viewer);
        $rows = [];

        foreach (ListedTask::all(Task::query()->whereKey($steps->keys()->all())) as $task) {
            $rows[$task->id] = TaskRow::of($task, $threads, $this->workspace);
        }

        $tasks = [];

        foreach ($steps as $id => $step) {
            $tasks[is_string($step) ? $step : ''][] = $rows[$id];
        }

        return $tasks;
    }

    /** @param list<TaskRow> $tasks */
    private static function minutes(array $tasks): int
    {
        return array_sum(array_map(static fn(TaskRow $task): int => $task->minutes ?? CoreTask::USUAL_MINUTES, $tasks));
    }

    private function onSteps(Person $viewer): Builder
    {
        [$step, $bindings] = $this->scale->step();

        return Task::query()
            ->where('owner_id', $viewer->id)
            ->onLists()
            ->toBase()
            ->select('id', 'minutes', 'rank', 'due_on')
            ->selectRaw("$step as step", $bindings);
    }

    private function room(string $step): int
    {
        return match (true) {
            $step === DateScale::NOT_SCHEDULED => self::NOT_SCHEDULED,
            $step === $this->scale->ahead[0]->name => self::NEXT_WEEK,
            $step === DateScale::LATER, in_array($step, array_column($this->scale->ahead, 'name'), true) => 0,
            default => self::NEAR,
        };
    }

    /** What is left of the next week; of those after it, nothing is said yet. */
    private function freeIn(Period $week, Person $viewer): ?int
    {
        return $week === $this->scale->ahead[0] ? $this->capacities->week($week)[$viewer->id]->free() : null;
    }
}
