<?php

declare(strict_types=1);

namespace App\Queries\Week;

use App\Models\Person;
use App\Models\Task;
use App\Models\Workspace;
use App\Queries\Parts\ListedTask;
use App\Queries\Parts\Planned;
use Illuminate\Database\Eloquent\Builder;
use Loftrin\Core\Calendar\Period;
use Loftrin\Core\Work\Carrying;

/** The tasks that stand in a week, and those that wait for a week. */
final readonly class WeekTasks
{
    public function __construct(private Workspace $workspace)
    {
    }

    /**
     * What was done in the week, or is planned for it. What was planned for an earlier one and is still
     * open stands in the present week; a past week keeps what it did not get done.
     *
     * @return Builder<Task>
     */
    public function of(Period $week, Person $viewer, Person $whose): Builder
    {
        return $this->standing($this->tasks($viewer, $whose), $week)->orderByRaw('rank is null, rank')->orderBy('id');
    }

    /**
     * Of some tasks those that stand in a week.
     *
     * @param Builder<Task> $tasks
     *
     * @return Builder<Task>
     */
    public function standing(Builder $tasks, Period $week): Builder
    {
        [$first, $last] = [(string) $week->span->first, (string) $week->span->last];
        $isNow = $week->span->holds($this->workspace->today());

        return $tasks->where(
            static fn(Builder $either) => $either->whereBetween('tasks.done_on', [$first, $last])->orWhere(
                static fn(Builder $planned) => $planned
                    ->onLists()
                    ->whereRaw(Planned::FOR_DAY_OR_WEEK)
                    ->where('planned_from', '<=', $last)
                    ->when(! $isNow, static fn(Builder $query) => $query->where('planned_to', '>=', $first)),
            ),
        );
    }

    /**
     * Open tasks that have no time planned and are due in the week; in the present week also those that are late and do not stand in it.
     *
     * @return Builder<Task>
     */
    public function due(Period $week, Person $viewer, Person $whose): Builder
    {
        $today = (string) $this->workspace->today();
        $isNow = $week->span->holds($this->workspace->today());
        [$first, $last] = [$isNow ? $today : (string) $week->span->first, (string) $week->span->last];

        return $this->tasks($viewer, $whose)
            ->onLists()
            ->where(
                static fn(Builder $either) => $either
                    ->where(
                        static fn(Builder $due) => $due->whereNull('planned')->whereBetween('due_on', [$first, $last]),
                    )
                    ->when(
                        $isNow,
                        static fn(Builder $query) => $query->orWhere(
                            static fn(Builder $late) => $late
                                ->where('due_on', '<', $today)
                                ->whereRaw('(planned is null or not '.Planned::FOR_DAY_OR_WEEK.' or planned_from > ?)', [$last]),
                        ),
                    ),
            )
            ->orderBy('due_on')
            ->orderBy('id');
    }

    /**
     * Open tasks planned for a month, quarter or year that has begun by the week.
     *
     * @return list<ListedTask>
     */
    public function offered(Period $week, Person $viewer, Person $whose): array
    {
        $calendar = $this->workspace->calendar();
        $carrying = new Carrying($calendar);

        $begun = $this->tasks($viewer, $whose)
            ->onLists()
            ->whereNotNull('planned')
            ->whereRaw('not '.Planned::FOR_DAY_OR_WEEK)
            ->where('planned_from', '<=', (string) $week->anchor())
            ->orderBy('planned_to')
            ->orderBy('id');

        return array_values(
            array_filter(
                ListedTask::all($begun),
                fn(ListedTask $task): bool => $carrying->isOffered(
                    $calendar->period((string) $task->planned),
                    $week,
                    $this->workspace->today(),
                ),
            ),
        );
    }

    /** @return Builder<Task> */
    private function tasks(Person $viewer, Person $whose): Builder
    {
        return Task::query()
            ->where('owner_id', $whose->id)
            // One's own are always to be seen.
            ->when(! $viewer->is($whose), static fn(Builder $others) => $others->visibleTo($viewer));
    }
}
