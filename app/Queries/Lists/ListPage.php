<?php

declare(strict_types=1);

namespace App\Queries\Lists;

use App\Models\Person;
use App\Models\Workspace;
use App\Queries\Lists\Answers\ListCount;
use App\Queries\Lists\Answers\ListGroup;
use App\Queries\Lists\Answers\ListView;
use App\Queries\Lists\Answers\SavedTag;
use App\Queries\Parts\Answers\PersonTag;
use App\Queries\Parts\Answers\TaskRow;
use App\Queries\Parts\ListedTask;
use App\Queries\Plan\StoredPlans;
use App\Queries\Week\WeekPlans;
use Loftrin\Core\Calendar\Day;

final readonly class ListPage
{
    /** How far the list of what lies ahead looks closely, in weeks. */
    private const NEAR_WEEKS = 4;

    public function __construct(
        private Workspace $workspace,
        private StoredPlans $plans,
        private OwnTasks $tasks,
        private WeekPlans $weeks,
    ) {
    }

    /** @param int $shown how many of its tasks at most */
    public function of(TaskList $list, Person $viewer, int $minutes, Day $since, int $shown): ListView
    {
        $calendar = $this->workspace->calendar();
        $today = $this->workspace->today();
        $week = $calendar->weekOf($today);
        $query = $this->tasks->in($list, $viewer, $minutes, $since);
        $counts = $this->tasks->counts($viewer, $minutes, $since);
        $ordered = match ($list) {
            TaskList::Finished => $query->orderByDesc('done_on')->orderByDesc('id'),
            TaskList::Late => $query->orderBy('due_on')->orderBy('id'),
            TaskList::Ahead => $query->orderByRaw('coalesce(planned_from, due_on) is null, coalesce(planned_from, due_on)')->orderBy('id'),
            TaskList::Waiting => $query->orderByRaw('follow_up_on is null, follow_up_on')->orderBy('waiting_since')->orderBy('id'),
            TaskList::Place => $query->orderBy('place')->orderByRaw('rank is null, rank')->orderBy('id'),
            TaskList::NoActivity => $query->orderBy('changed_on')->orderBy('id'),
            default => $query->orderByRaw('rank is null, rank')->orderByRaw('due_on is null, due_on')->orderBy('id'),
        };

        return new ListView(
            list: $list,
            lists: ListCount::all($counts),
            groups: $this->groups($list, $viewer, ListedTask::all($ordered->limit($shown))),
            total: $counts[$list->value],
            minutes: $minutes,
            since: $since,
            days: $list === TaskList::NotScheduled ? $this->weeks->left($viewer) : [],
            week: $week->name,
            nextWeek: $calendar->next($week)->name,
            people: PersonTag::all(),
            saved: SavedTag::all($viewer),
        );
    }

    /**
     * @param list<ListedTask> $tasks
     *
     * @return list<ListGroup>
     */
    private function groups(TaskList $list, Person $viewer, array $tasks): array
    {
        $threads = $this->plans->threads($viewer);
        $groups = [];

        foreach ($tasks as $task) {
            $groups[$this->heading($list, $task) ?? ''][] = TaskRow::of($task, $threads, $this->workspace);
        }

        return ListGroup::under($groups);
    }

    private function heading(TaskList $list, ListedTask $task): ?string
    {
        $near = $this->workspace
            ->calendar()
            ->weekOf($this->workspace->today())
            ->span->last->plus(7 * self::NEAR_WEEKS);
        $on = $task->planned_from ?? $task->due_on;

        return match (true) {
            $list === TaskList::Place => $task->place,
            $list !== TaskList::Ahead => null,
            $on === null => 'Moved back without a date',
            ! $on->isAfter($near) => 'The next four weeks',
            default => 'Later',
        };
    }
}
