<?php

declare(strict_types=1);

namespace App\Queries\Lists;

use App\Models\Helping;
use App\Models\Person;
use App\Models\Task;
use App\Models\Workspace;
use App\Queries\Parts\Planned;
use App\Store\Question;
use App\Store\Remembered;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Query\Builder as QueryBuilder;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Work\Carrying;
use Loftrin\Core\Work\Focus;
use Loftrin\Core\Work\Task as CoreTask;

/** The tasks of each list, as conditions for the database. */
final readonly class OwnTasks
{
    public function __construct(private Workspace $workspace, private Remembered $remembered)
    {
    }

    /**
     * How many lie in each list, in one question.
     *
     * @return array<string, int> by list
     */
    public function counts(Person $person, int $minutes, Day $since): array
    {
        return $this->remembered->of(Question::by($person, 'lists', $minutes, $since), function () use (
            $person,
            $minutes,
            $since,
        ): array {
            $counts = array_map(
                fn(TaskList $list): QueryBuilder => $this->in($list, $person, $minutes, $since)
                    ->toBase()
                    ->selectRaw('? as list, count(*) as tasks', [$list->value]),
                TaskList::cases(),
            );
            $all = array_reduce(
                array_slice($counts, 1),
                static fn(QueryBuilder $union, QueryBuilder $next): QueryBuilder => $union->unionAll($next),
                $counts[0],
            );

            return array_map(intval(...), array_column($all->get()->all(), 'tasks', 'list'));
        });
    }

    /**
     * @param int $minutes how long the gap is
     * @param Day $since from when on finished tasks are listed
     *
     * @return Builder<Task>
     */
    public function in(TaskList $list, Person $person, int $minutes, Day $since): Builder
    {
        $today = $this->workspace->today();
        $week = $this->workspace->calendar()->weekOf($today)->span->last;
        $open = Task::query()->where('owner_id', $person->id)->onLists();

        return match ($list) {
            TaskList::Late => $open->where('due_on', '<', (string) $today),
            TaskList::Today => self::forToday($open, $today, $week),
            TaskList::Week => $open->where(
                static fn(Builder $either) => $either
                    ->where(
                        static fn(Builder $planned) => $planned
                            ->whereRaw(Planned::FOR_DAY_OR_WEEK)
                            ->where('planned_from', '<=', (string) $week),
                    )
                    ->orWhereBetween('due_on', [(string) $today, (string) $week]),
            ),
            TaskList::Ahead => self::ahead($open, $week),
            TaskList::NotScheduled => $open->whereNull('planned')->whereNull('due_on')->whereNull('put_back_on'),
            TaskList::Waiting => $open->whereNotNull('waiting_on'),
            TaskList::ToCheck => Task::query()->where('checked_by_id', $person->id)->visibleTo($person)->onLists(),
            TaskList::Depends => $open->whereNull('waiting_on')->depending($today),
            TaskList::Helping => Task::query()
                ->whereIn('id', Helping::query()->where('person_id', $person->id)->whereNotNull('task_id')->select('task_id'))
                ->visibleTo($person)
                ->onLists(),
            TaskList::FreeTime => $open->canStart($today)->whereRaw('coalesce(minutes, ?) <= ?', [CoreTask::USUAL_MINUTES, $minutes]),
            TaskList::Focus => $open->canStart($today)->where('focus', Focus::Full),
            TaskList::Place => $open->whereNotNull('place'),
            TaskList::NoActivity => $open
                ->whereNull('planned')
                ->where('changed_on', '<=', (string) $today->plus(-Carrying::UNTOUCHED_AFTER)),
            TaskList::Finished => Task::query()->where('owner_id', $person->id)->where('done_on', '>=', (string) $since),
        };
    }

    /**
     * @param Builder<Task> $open
     * @param Day $week the last day of this week
     *
     * @return Builder<Task> planned for this day or an earlier one of the week, due, or to be followed up on
     */
    private static function forToday(Builder $open, Day $today, Day $week): Builder
    {
        return $open->where(
            static fn(Builder $either) => $either
                ->where(
                    static fn(Builder $planned) => $planned
                        ->whereRaw(Planned::FOR_DAY)
                        ->where('planned_from', '<=', (string) $today)
                        ->where('planned_from', '>=', (string) $week->plus(-6)),
                )
                ->orWhere('due_on', (string) $today)
                ->orWhere('follow_up_on', '<=', (string) $today),
        );
    }

    /**
     * @param Builder<Task> $open
     * @param Day $week the last day of this week
     *
     * @return Builder<Task> planned or due after this week, or put back on purpose
     */
    private static function ahead(Builder $open, Day $week): Builder
    {
        return $open->where(
            static fn(Builder $either) => $either
                ->where(
                    static fn(Builder $planned) => $planned
                        ->whereNotNull('planned')
                        ->where(
                            static fn(Builder $later) => $later
                                ->where('planned_from', '>', (string) $week)
                                ->orWhereRaw('not '.Planned::FOR_DAY_OR_WEEK),
                        ),
                )
                ->orWhere(static fn(Builder $due) => $due->whereNull('planned')->where('due_on', '>', (string) $week))
                ->orWhere(static fn(Builder $back) => $back->whereNull('planned')->whereNotNull('put_back_on')),
        );
    }
}
