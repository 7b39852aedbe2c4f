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
                id: null,
                title: '',
                kind: $kind,
                words: $words,
                startsOn: $this->workspace->today(),
                owner: $viewer->id,
                isPrivate: false,
                isStock: $isStock,
                area: null,
                project: null,
                goal: null,
                minutes: '',
                perQuarter: '',
                notes: '',
                steps: [],
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
                id: $routine->id,
                title: $routine->title,
                kind: $routine->kind,
                words: $routine->words,
                startsOn: $routine->starts_on,
                owner: $routine->owner_id,
                isPrivate: $routine->visibility === Visibility::OnlyMe,
                isStock: $routine->is_stock,
                area: $routine->area_id,
                project: $routine->project_id,
                goal: $goal?->goal_id,
                minutes: (string) $routine->minutes,
                perQuarter: (string) $routine->per_quarter,
                notes: $routine->notes ?? '',
                steps: array_values(
                    $routine->steps
                        ->map(static fn(RoutineStep $step): RoutineStepValues => new RoutineStepValues($step->id, $step->title))
                        ->all(),
                ),
                pattern: $routine->pattern_id,
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
            routine: $values,
            done: $times(OccurrenceState::Done),
            skipped: $times(OccurrenceState::Skipped),
            missed: $times(OccurrenceState::Missed),
            occurrences: $routine === null
                ? []
                : array_values(
                    $routine
                        ->occurrences()
                        ->limit(self::SHOWN)
                        ->get()
                        ->map(static fn(Occurrence $kept): OccurrenceRow => new OccurrenceRow($kept->on, $kept->state))
                        ->all(),
                ),
            ahead: $routine === null
                ? []
                : array_map(
                    strval(...),
                    array_slice(
                        $routine->rhythm()->within(new Span($today->plus(1), $today->plus(400)), $routine->starts_on),
                        0,
                        self::AHEAD,
                    ),
                ),
            tasks: $routine === null ? [] : $this->tasks($routine, $quarter->span, $viewer),
            checklist: $routine?->kind === RoutineKind::Checklist ? RoutinesPage::checklist($routine) : null,
            projectTitle: $routine?->project?->title,
            quarter: $quarter->name,
            people: PersonTag::all(),
            areas: $this->choices->areas(),
            goals: $this->choices->goals($viewer),
            hasEnded: $routine?->ended_on !== null,
            patterns: $this->choices->patterns(),
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
