<?php

declare(strict_types=1);

namespace App\Queries\Week;

use App\Models\OccurrenceState;
use App\Models\Person;
use App\Models\RecurringTask;
use App\Models\RecurringTaskKind;
use App\Models\RecurringTaskStep;
use App\Models\Task;
use App\Models\Workspace;
use App\Queries\Week\Answers\CheckListLine;
use App\Queries\Week\Answers\CheckListRow;
use App\Queries\Week\Answers\DailyLine;
use App\Queries\Week\Answers\OutputRow;
use App\Queries\Week\Answers\RecurringTaskRow;
use App\Queries\Week\Answers\RecurringTasks;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;

/** All that comes back: one's own and the team's recurring tasks, the daily checklist, checklists, quarterly outputs, shared ones. */
final readonly class RecurringTasksPage
{
    public const NEEDS = ['owner', 'area', 'project', 'steps'];

    public function __construct(private Workspace $workspace)
    {
    }

    public function of(Person $viewer): RecurringTasks
    {
        $all = self::withOpen(RecurringTask::query()->visibleTo($viewer)->whereNull('ended_on'))
            ->orderBy('title')
            ->get();
        $running = $all->where('is_shared', false);
        $tasks = $running->where('kind', RecurringTaskKind::Task);

        return new RecurringTasks(
            mine: $this->rows($tasks->where('owner_id', $viewer->id)),
            others: $this->rows($tasks->where('owner_id', '!=', $viewer->id)),
            daily: $this->daily($viewer),
            checklists: array_values(
                $running
                    ->where('kind', RecurringTaskKind::Checklist)
                    ->map(static fn(RecurringTask $recurringTask): CheckListRow => self::checklist($recurringTask))
                    ->all(),
            ),
            outputs: $this->outputs($running->where('kind', RecurringTaskKind::Pieces)),
            shared: $this->rows($all->where('is_shared', true)),
            quarter: $this->workspace->calendar()->quarterOf($this->workspace->today())->name,
        );
    }

    /** @return list<DailyLine> */
    public function daily(Person $viewer): array
    {
        $today = (string) $this->workspace->today();

        return array_values(
            RecurringTask::query()
                ->where('owner_id', $viewer->id)
                ->running()
                ->where('kind', RecurringTaskKind::Daily)
                ->orderBy('id')
                ->withExists([
                    'occurrences as is_done' => static fn(Builder $kept) => $kept
                        ->where('on', $today)
                        ->where('state', OccurrenceState::Done),
                ])
                ->get()
                ->map(
                    static fn(RecurringTask $recurringTask): DailyLine => new DailyLine(
                        $recurringTask->id,
                        $recurringTask->title,
                        (bool) $recurringTask->getAttribute('is_done'),
                    ),
                )
                ->all(),
        );
    }

    /** @return list<RecurringTaskRow> those that run for a project or an area */
    public function for(Person $viewer, string $column, int $id): array
    {
        return $this->rows(
            self::withOpen(RecurringTask::query()->visibleTo($viewer)->running()->where($column, $id))
                ->orderBy('title')
                ->get(),
        );
    }

    public static function checklist(RecurringTask $recurringTask): CheckListRow
    {
        return new CheckListRow(
            $recurringTask->id,
            $recurringTask->title,
            array_values(
                $recurringTask->steps
                    ->map(
                        static fn(RecurringTaskStep $step): CheckListLine => new CheckListLine(
                            $step->id,
                            $step->title,
                            $step->ticked_on !== null,
                        ),
                    )
                    ->all(),
            ),
        );
    }

    /**
     * @param Builder<RecurringTask> $query
     *
     * @return Builder<RecurringTask>
     */
    private static function withOpen(Builder $query): Builder
    {
        return $query->with([
            ...self::NEEDS,
            'tasks' => static fn($tasks) => $tasks->open(),
            'occurrences' => static fn($kept) => $kept->limit(12),
        ]);
    }

    /**
     * @param Collection<int, RecurringTask> $recurringTasks
     *
     * @return list<RecurringTaskRow>
     */
    private function rows(Collection $recurringTasks): array
    {
        $rows = $recurringTasks->map(RecurringTaskRow::of(...))->all();
        usort(
            $rows,
            static fn(RecurringTaskRow $a, RecurringTaskRow $b): int => [$a->next === null, (string) $a->next, $a->title] <=> [
                $b->next === null,
                (string) $b->next,
                $b->title,
            ],
        );

        return $rows;
    }

    /**
     * @param Collection<int, RecurringTask> $recurringTasks
     *
     * @return list<OutputRow>
     */
    private function outputs(Collection $recurringTasks): array
    {
        $span = $this->workspace->calendar()->quarterOf($this->workspace->today())->span;
        $pieces = Task::query()
            ->whereIn('recurring_task_id', $recurringTasks->modelKeys())
            ->whereNull('dropped_on')
            ->whereBetween('occurs_on', [(string) $span->first, (string) $span->last])
            ->get(['id', 'recurring_task_id', 'done_on'])
            ->groupBy('recurring_task_id');

        return array_values(
            $recurringTasks
                ->map(
                    static fn(RecurringTask $recurringTask): OutputRow => new OutputRow(
                        id: $recurringTask->id,
                        title: $recurringTask->title,
                        owner: $recurringTask->owner->name,
                        done: $pieces->get($recurringTask->id)?->whereNotNull('done_on')->count() ?? 0,
                        laid: $pieces->get($recurringTask->id)?->count() ?? 0,
                        of: $recurringTask->per_quarter ?? 0,
                    ),
                )
                ->all(),
        );
    }
}
