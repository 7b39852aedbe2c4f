<?php

declare(strict_types=1);

namespace App\Queries\People;

use App\Models\Person;
use App\Models\Project;
use App\Models\Relations\Everybody;
use App\Models\Task;
use App\Models\Workspace;
use App\Queries\Lists\OwnTasks;
use App\Queries\Parts\Answers\PersonTag;
use App\Queries\People\Answers\GroupRow;
use App\Queries\People\Answers\People;
use App\Queries\People\Answers\PersonRow;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\DB;
use Loftrin\Core\Work\DayHours;

/** Who is here, and how much each has on their hands. */
final readonly class PeoplePage
{
    public function __construct(private Workspace $workspace, private Everybody $everybody)
    {
    }

    public function of(Person $viewer): People
    {
        $week = $this->workspace->calendar()->weekOf($this->workspace->today());
        $active = Project::query()
            ->where('state', 'active')
            ->selectRaw('owner_id, count(*) as projects')
            ->groupBy('owner_id')
            ->pluck('projects', 'owner_id');
        $open = Task::query()->visibleTo($viewer)->onLists();
        $counts = (clone $open)
            ->toBase()
            ->groupBy('owner_id')
            ->selectRaw('owner_id, count(*) as open, count(*) filter (where due_on < ?) as late', [(string) $this->workspace->today()])
            ->get()
            ->keyBy('owner_id');
        $minutes = self::minutes($open->whereRaw(OwnTasks::DAY_OR_WEEK)->where('planned_from', '<=', (string) $week->span->last));

        return new People(
            array_values(
                $this->everybody
                    ->all()
                    ->map(
                        static fn(Person $person): PersonRow => new PersonRow(
                            person: PersonTag::of($person),
                            role: $person->role,
                            email: $person->email,
                            weeklyHours: $person->weekly_hours,
                            active: is_numeric($active->get($person->id)) ? (int) $active->get($person->id) : 0,
                            open: (int) ($counts->get($person->id)->open ?? 0),
                            late: (int) ($counts->get($person->id)->late ?? 0),
                            planned: $minutes[$person->id] ?? 0,
                            isAside: $person->set_aside_on !== null,
                        ),
                    )
                    ->all(),
            ),
            GroupRow::all(),
            $week->name,
            $viewer->isLead(),
        );
    }

    /**
     * What the tasks planned for this week, or for an earlier one and still open, take yet. Those that are alike are
     * reckoned together.
     *
     * @param Builder<Task> $tasks
     *
     * @return array<int, int> minutes by owner
     */
    private static function minutes(Builder $tasks): array
    {
        $each = $tasks
            ->toBase()
            ->select(['owner_id', 'minutes'])
            ->selectRaw('(select count(*) from steps where steps.task_id = tasks.id) as steps')
            ->selectRaw('(select count(done_on) from steps where steps.task_id = tasks.id) as done');
        $minutes = [];

        foreach (
            DB::query()
                ->fromSub($each, 'each_task')
                ->groupBy('owner_id', 'minutes', 'steps', 'done')
                ->selectRaw('owner_id, minutes, steps, done, count(*) as tasks')
                ->get() as $row
        ) {
            $left = DayHours::left($row->minutes === null ? null : (int) $row->minutes, (int) $row->done, (int) $row->steps);
            $minutes[(int) $row->owner_id] = ($minutes[(int) $row->owner_id] ?? 0) + (int) $row->tasks * $left;
        }

        return $minutes;
    }
}
