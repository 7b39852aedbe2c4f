<?php

declare(strict_types=1);

namespace App\Queries\Hours;

use App\Models\Person;
use App\Models\Task;
use App\Models\Workspace;
use App\Queries\Plan\Above;
use App\Queries\Plan\CoreRecords;
use App\Queries\Plan\SeenGoals;
use App\Queries\Plan\WorkLinks;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Loftrin\Core\Calendar\Span;
use Loftrin\Core\Goals\Goal;
use Loftrin\Core\Hours\Ledger;
use Loftrin\Core\Work\Contribution;
use Loftrin\Core\Work\Project;
use Loftrin\Core\Work\RecurringTask;
use Loftrin\Core\Work\Task as CoreTask;
use stdClass;

/**
 * What was done, in hours, and what it led to: the one account that every screen, review and report asks. What the viewer may not see
 * is led to by nothing. Rules: computation 7.
 */
final readonly class DoneHours
{
    /** What work is alike by, as far as hours go. */
    private const ALIKE = ['project_id', 'goal_id', 'goal_since', 'recurring_task_id', 'done_on', 'main_effort_id', 'owner_id'];

    public function __construct(private Workspace $workspace)
    {
    }

    /**
     * Of a person as they see it themselves.
     *
     * @param bool $each whether each task is to be told apart
     */
    public function of(Span $span, Person $person, bool $each = false): HoursAccount
    {
        return $this->account($span, Task::query()->where('owner_id', $person->id), $person, $each);
    }

    /** Of everybody, as everybody may see it. */
    public function ofTeam(Span $span): HoursAccount
    {
        return $this->account($span, Task::query()->openToAll(), null);
    }

    /**
     * @param Builder<Task> $tasks whose hours are asked for: those done in the span
     * @param ?Person $viewer null for what everyone may see
     * @param bool $each whether each task is to be told apart
     */
    public function account(Span $span, Builder $tasks, ?Person $viewer, bool $each = false): HoursAccount
    {
        $rows = $this->rows($span, $tasks, $each);
        $stays = WorkLinks::in('stays', 'task_id', WorkLinks::ids($rows->pluck('stayed')));
        $ofProjects = WorkLinks::in('contributions', 'project_id', WorkLinks::ids($rows->pluck('project_id')));
        $ofRecurringTasks = WorkLinks::in(
            'recurring_task_contributions',
            'recurring_task_id',
            WorkLinks::ids($rows->pluck('recurring_task_id')),
        );
        $linked = array_merge(...$stays, ...$ofProjects, ...$ofRecurringTasks);
        [$goals, $titles] = $this->goals([...$rows->pluck('goal_id'), ...array_column($linked, 'goal')], $viewer);
        $seen = static fn(array $links): array => array_values(
            array_filter($links, static fn(Contribution $link): bool => isset($goals[$link->goal])),
        );
        $areas = DB::table('projects')
            ->whereIntegerInRaw('id', WorkLinks::ids($rows->pluck('project_id')))
            ->pluck('area_id', 'id');
        $projects = [];

        foreach ($areas as $id => $area) {
            $projects[(int) $id] = new Project(
                id: (string) $id,
                serves: $seen($ofProjects[(int) $id] ?? []),
                area: is_numeric($area) ? (string) $area : null,
            );
        }

        $recurringTasks = [];

        foreach ($ofRecurringTasks as $id => $links) {
            $recurringTasks[$id] = new RecurringTask((string) $id, $seen($links));
        }

        $done = $rows->map(static function (stdClass $row) use ($stays, $goals, $seen) {
            if (! isset($goals[(int) $row->goal_id])) {
                [$row->goal_id, $row->goal_since] = [null, null];
            }

            return WorkLinks::task($row, $seen($stays[(int) $row->stayed] ?? []));
        });

        return new HoursAccount(Ledger::of($span, $done, $projects, $recurringTasks, $goals), $titles);
    }

    /**
     * What is alike comes as one row, but for tasks that stood at another goal before: these are looked at each by itself.
     *
     * @param Builder<Task> $tasks
     *
     * @return Collection<int, stdClass>
     */
    private function rows(Span $span, Builder $tasks, bool $each): Collection
    {
        $alike = [...self::ALIKE, ...$each ? ['id'] : []];

        return WorkLinks::besideStays($tasks->toBase(), $alike)
            ->whereBetween('tasks.done_on', [(string) $span->first, (string) $span->last])
            ->selectRaw('min(tasks.id) as id, sum(coalesce(tasks.minutes, ?)) as minutes', [CoreTask::USUAL_MINUTES])
            ->orderBy('tasks.done_on')
            ->get();
    }

    /**
     * The goals that were linked and all above them, as far as the viewer sees them.
     *
     * @param iterable<mixed> $linked ids
     *
     * @return array{array<int, Goal>, array<int, string>} by id, with their titles
     */
    private function goals(iterable $linked, ?Person $viewer): array
    {
        $ids = WorkLinks::ids($linked);
        $rows = DB::table('goals')
            ->whereRaw(Above::holds('goals.id', count($ids)), $ids)
            ->get([...CoreRecords::GOAL, ...SeenGoals::COLUMNS])
            ->keyBy('id')
            ->all();
        $records = new CoreRecords($this->workspace->calendar());
        $visible = (new SeenGoals($rows))->by($viewer);
        $parents = (new SeenGoals($visible))->parents();

        return [
            array_map(static fn(stdClass $row): Goal => $records->goalOf($row, $parents[(int) $row->id] ?? null, []), $visible),
            array_map(static fn(stdClass $row): string => (string) $row->title, $visible),
        ];
    }
}
