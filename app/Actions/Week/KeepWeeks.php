<?php

declare(strict_types=1);

namespace App\Actions\Week;

use App\Models\Task;
use App\Models\Workspace;
use App\Queries\Parts\Planned;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\DB;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Calendar\Period;
use Loftrin\Core\Work\WeekOutcome;

/**
 * Keeps each week as it was: what stood in it at the end of any of its days, and once it is over what became of that. Called as a
 * day begins, before anything is moved on. Between two days that were begun nothing is written, so that weeks in which nobody was
 * there are known as well.
 */
final readonly class KeepWeeks
{
    private const AT_ONCE = 400;

    /** After so many weeks without anybody, only the last ones are kept. */
    private const BACK = 53;

    public function __construct(private Workspace $workspace)
    {
    }

    /** @param ?Day $last the last day that was begun; null when none was */
    public function __invoke(?Day $last): void
    {
        $calendar = $this->workspace->calendar();
        $today = $this->workspace->today();

        // A clock that was set back has nothing to keep.
        if ($last === null || $last->isAfter($today)) {
            return;
        }

        $earliest = $today->plus(-7 * self::BACK);

        for (
            $week = $calendar->weekOf($last->isBefore($earliest) ? $earliest : $last);
            ! $week->span->first->isAfter($today);
            $week = $calendar->next($week)
        ) {
            $this->note($week);

            if ($week->isOverOn($today)) {
                $this->close($week);
            }
        }
    }

    /** What stands in the week and is not noted yet: planned for it or carried into it, and open, or done in it. */
    private function note(Period $week): void
    {
        [$first, $last] = [(string) $week->span->first, (string) $week->span->last];
        self::add(
            $week,
            Task::query()
                ->whereRaw(Planned::FOR_DAY_OR_WEEK)
                ->where('planned_from', '<=', $last)
                ->where('created_on', '<=', $last)
                ->where(
                    static fn(Builder $either) => $either
                        ->where(static fn(Builder $open) => $open->onLists())
                        ->orWhereBetween('done_on', [$first, $last]),
                ),
            isPlanned: true,
        );
    }

    /** Once it is over: what was done besides, and what became of all that stood in it. */
    private function close(Period $week): void
    {
        self::add(
            $week,
            Task::query()->whereBetween('done_on', [(string) $week->span->first, (string) $week->span->last]),
            isPlanned: false,
        );
        $ended = [];

        foreach (
            DB::table('week_tasks')
                ->join('tasks', 'tasks.id', '=', 'week_tasks.task_id')
                ->where('week', $week->name)
                ->whereNull('outcome')
                ->select([
                    ...['week_tasks.id', 'done_on', 'dropped_on', 'shelved_on', 'recurring_task_id'],
                    ...['tasks.owner_id as owner', 'week_tasks.owner_id as owner_then'],
                ])
                ->selectRaw('case when '.Planned::FOR_DAY_OR_WEEK.' then planned_from end as planned_from')
                ->orderBy('week_tasks.id')
                ->get() as $row
        ) {
            $outcome = WeekOutcome::of(
                week: $week->span,
                doneOn: self::day($row->done_on),
                droppedOn: self::day($row->dropped_on),
                shelvedOn: self::day($row->shelved_on),
                isSameOwner: $row->owner === $row->owner_then,
                plannedFrom: self::day($row->planned_from),
                comesBack: $row->recurring_task_id !== null,
            );
            $ended[$outcome->value][] = $row->id;
        }

        foreach ($ended as $outcome => $ids) {
            foreach (array_chunk($ids, self::AT_ONCE) as $some) {
                DB::table('week_tasks')
                    ->whereIn('id', $some)
                    ->update(['outcome' => $outcome]);
            }
        }
    }

    /** @param Builder<Task> $tasks */
    private static function add(Period $week, Builder $tasks, bool $isPlanned): void
    {
        DB::table('week_tasks')->insertUsing(
            ['week', 'task_id', 'owner_id', 'minutes', 'is_planned'],
            $tasks
                ->toBase()
                ->whereNotExists(
                    static fn($noted) => $noted
                        ->from('week_tasks')
                        ->whereColumn('week_tasks.task_id', 'tasks.id')
                        ->whereColumn('week_tasks.owner_id', 'tasks.owner_id')
                        ->where('week_tasks.week', $week->name),
                )
                ->orderBy('id')
                ->selectRaw('?, id, owner_id, minutes, '.($isPlanned ? 'true' : 'false'), [$week->name]),
        );
    }

    private static function day(?string $date): ?Day
    {
        return $date === null ? null : Day::of(substr($date, 0, 10));
    }
}
