<?php

declare(strict_types=1);

namespace App\Queries\Week;

use App\Models\Occurrence;
use App\Models\OccurrenceState;
use App\Models\Person;
use App\Models\Routine;
use App\Models\RoutineKind;
use App\Models\RoutineStep;
use App\Models\Task;
use App\Models\Visibility;
use App\Models\Workspace;
use App\Queries\Goals\StoredPlans;
use App\Queries\Parts\Answers\PersonTag;
use App\Queries\Parts\Answers\TaskRow;
use App\Queries\Parts\Choices;
use App\Queries\Week\Answers\OccurrenceRow;
use App\Queries\Week\Answers\RoutineStepValues;
use App\Queries\Week\Answers\RoutineValues;
use App\Queries\Week\Answers\RoutineView;
use Illuminate\Database\Eloquent\Builder;
use Loftrin\Core\Calendar\Span;

final readonly class RoutinePage
{
    /** How many of its times are shown, past and ahead. */
    private const SHOWN = 24;

    private const AHEAD = 6;

    public function __construct(private Workspace $workspace, private StoredPlans $plans, private Choices $choices)
    {
    }

    public function blank(Person $viewer, RoutineKind $kind, bool $isStock): RoutineView
    {
        $words = match ($kind) {
            RoutineKind::Daily => 'every day',
            RoutineKind::Checklist => 'when needed',
            default => '',
        };

        return $this->view(
            $viewer,
            new RoutineValues(
                null,
                '',
                $kind,
                $words,
                $this->workspace->today(),
                $viewer->id,
                false,
                $isStock,
                null,
                null,
                null,
                '',
                '',
                '',
                [],
            ),
        );
    }

    public function of(Routine $routine, Person $viewer): RoutineView
    {
        $routine->load(['steps', 'servings.goal', 'project']);
        $goal = $routine->servings->first(static fn($link): bool => $link->goal->isVisibleTo($viewer));

        return $this->view(
            $viewer,
            new RoutineValues(
                $routine->id,
                $routine->title,
                $routine->kind,
                $routine->words,
                $routine->starts_on,
                $routine->owner_id,
                $routine->visibility === Visibility::OnlyMe,
                $routine->is_stock,
                $routine->area_id,
                $routine->project_id,
                $goal?->goal_id,
                (string) $routine->minutes,
                (string) $routine->per_quarter,
                $routine->notes ?? '',
                array_values(
                    $routine->steps
                        ->map(static fn(RoutineStep $step): RoutineStepValues => new RoutineStepValues($step->id, $step->title))
                        ->all(),
                ),
                $routine->pattern_id,
            ),
            $routine,
        );
    }

    private function view(Person $viewer, RoutineValues $values, ?Routine $routine = null): RoutineView
    {
        $today = $this->workspace->today();
        $quarter = $this->workspace->calendar()->quarterOf($today);
        $counts =
            $routine
                ?->occurrences()
                ->reorder()
                ->toBase()
                ->groupBy('state')
                ->selectRaw('state, count(*) as times')
                ->pluck('times', 'state') ?? collect();
        $times = static fn(OccurrenceState $state): int => is_numeric($counts->get($state->value)) ? (int) $counts->get($state->value) : 0;

        return new RoutineView(
            $values,
            $times(OccurrenceState::Done),
            $times(OccurrenceState::Skipped),
            $times(OccurrenceState::Missed),
            $routine === null
                ? []
                : array_values(
                    $routine
                        ->occurrences()
                        ->limit(self::SHOWN)
                        ->get()
                        ->map(static fn(Occurrence $kept): OccurrenceRow => new OccurrenceRow($kept->on, $kept->state))
                        ->all(),
                ),
            $routine === null
                ? []
                : array_map(
                    strval(...),
                    array_slice(
                        $routine->rhythm()->within(new Span($today->plus(1), $today->plus(400)), $routine->starts_on),
                        0,
                        self::AHEAD,
                    ),
                ),
            $routine === null ? [] : $this->tasks($routine, $quarter->span, $viewer),
            $routine?->kind === RoutineKind::Checklist ? RoutinesPage::checklist($routine) : null,
            $routine?->project?->title,
            $quarter->name,
            PersonTag::all(),
            $this->choices->areas(),
            $this->choices->goals($viewer),
            $routine?->ended_on !== null,
            $this->choices->patterns(),
        );
    }

    /** @return list<TaskRow> */
    private function tasks(Routine $routine, Span $quarter, Person $viewer): array
    {
        $threads = $this->plans->threads($viewer);
        $tasks = $routine
            ->tasks()
            ->whereNull('dropped_on')
            ->with(TaskRow::NEEDS)
            ->where(
                static fn(Builder $either) => $either
                    ->whereNull('done_on')
                    ->orWhereBetween('occurs_on', [(string) $quarter->first, (string) $quarter->last]),
            );

        if ($routine->kind !== RoutineKind::Pieces) {
            $tasks->whereNull('done_on');
        }

        return array_values($tasks->get()->map(fn(Task $task): TaskRow => TaskRow::of($task, $threads, $this->workspace))->all());
    }
}
