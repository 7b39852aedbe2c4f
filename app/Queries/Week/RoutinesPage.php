<?php

declare(strict_types=1);

namespace App\Queries\Week;

use App\Models\OccurrenceState;
use App\Models\Person;
use App\Models\Routine;
use App\Models\RoutineKind;
use App\Models\RoutineStep;
use App\Models\Task;
use App\Models\Workspace;
use App\Queries\Week\Answers\CheckListLine;
use App\Queries\Week\Answers\CheckListRow;
use App\Queries\Week\Answers\DailyLine;
use App\Queries\Week\Answers\OutputRow;
use App\Queries\Week\Answers\RoutineRow;
use App\Queries\Week\Answers\Routines;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;

/** All that comes back: one's own and the team's routines, the daily checklist, checklists, steady outputs, the stock. */
final readonly class RoutinesPage
{
    public const NEEDS = ['owner', 'area', 'project', 'steps'];

    public function __construct(private Workspace $workspace)
    {
    }

    public function of(Person $viewer): Routines
    {
        $all = self::withOpen(Routine::query()->visibleTo($viewer)->whereNull('ended_on'))
            ->orderBy('title')
            ->get();
        $running = $all->where('is_stock', false);
        $tasks = $running->where('kind', RoutineKind::Task);

        return new Routines(
            mine: $this->rows($tasks->where('owner_id', $viewer->id)),
            others: $this->rows($tasks->where('owner_id', '!=', $viewer->id)),
            daily: $this->daily($viewer),
            checklists: array_values(
                $running
                    ->where('kind', RoutineKind::Checklist)
                    ->map(static fn(Routine $routine): CheckListRow => self::checklist($routine))
                    ->all(),
            ),
            outputs: $this->outputs($running->where('kind', RoutineKind::Pieces)),
            stock: $this->rows($all->where('is_stock', true)),
            quarter: $this->workspace->calendar()->quarterOf($this->workspace->today())->name,
        );
    }

    /** @return list<DailyLine> */
    public function daily(Person $viewer): array
    {
        $today = (string) $this->workspace->today();

        return array_values(
            Routine::query()
                ->where('owner_id', $viewer->id)
                ->running()
                ->where('kind', RoutineKind::Daily)
                ->orderBy('id')
                ->withExists([
                    'occurrences as is_done' => static fn(Builder $kept) => $kept
                        ->where('on', $today)
                        ->where('state', OccurrenceState::Done),
                ])
                ->get()
                ->map(
                    static fn(Routine $routine): DailyLine => new DailyLine(
                        $routine->id,
                        $routine->title,
                        (bool) $routine->getAttribute('is_done'),
                    ),
                )
                ->all(),
        );
    }

    /** @return list<RoutineRow> those that run for a project or an area */
    public function for(Person $viewer, string $column, int $id): array
    {
        return $this->rows(
            self::withOpen(Routine::query()->visibleTo($viewer)->running()->where($column, $id))
                ->orderBy('title')
                ->get(),
        );
    }

    public static function checklist(Routine $routine): CheckListRow
    {
        return new CheckListRow(
            $routine->id,
            $routine->title,
            array_values(
                $routine->steps
                    ->map(
                        static fn(RoutineStep $step): CheckListLine => new CheckListLine(
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
     * @param Builder<Routine> $query
     *
     * @return Builder<Routine>
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
     * @param Collection<int, Routine> $routines
     *
     * @return list<RoutineRow>
     */
    private function rows(Collection $routines): array
    {
        $rows = $routines->map(RoutineRow::of(...))->all();
        usort(
            $rows,
            static fn(RoutineRow $a, RoutineRow $b): int => [$a->next === null, (string) $a->next, $a->title] <=> [
                $b->next === null,
                (string) $b->next,
                $b->title,
            ],
        );

        return $rows;
    }

    /**
     * @param Collection<int, Routine> $routines
     *
     * @return list<OutputRow>
     */
    private function outputs(Collection $routines): array
    {
        $span = $this->workspace->calendar()->quarterOf($this->workspace->today())->span;
        $pieces = Task::query()
            ->whereIn('routine_id', $routines->modelKeys())
            ->whereNull('dropped_on')
            ->whereBetween('occurs_on', [(string) $span->first, (string) $span->last])
            ->get(['id', 'routine_id', 'done_on'])
            ->groupBy('routine_id');

        return array_values(
            $routines
                ->map(
                    static fn(Routine $routine): OutputRow => new OutputRow(
                        id: $routine->id,
                        title: $routine->title,
                        owner: $routine->owner->name,
                        done: $pieces->get($routine->id)?->whereNotNull('done_on')->count() ?? 0,
                        laid: $pieces->get($routine->id)?->count() ?? 0,
                        of: $routine->per_quarter ?? 0,
                    ),
                )
                ->all(),
        );
    }
}
