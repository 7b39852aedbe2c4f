<?php

declare(strict_types=1);

namespace App\Queries\Week;

use App\Models\Occurrence;
use App\Models\OccurrenceState;
use App\Models\Person;
use App\Models\RecurringTask;
use App\Models\RecurringTaskKind;
use App\Models\RecurringTaskStep;
use App\Models\Visibility;
use App\Models\Workspace;
use App\Queries\Goals\MainEffortChoices;
use App\Queries\Parts\Answers\PersonTag;
use App\Queries\Parts\Answers\TaskRow;
use App\Queries\Parts\Choices;
use App\Queries\Plan\StoredPlans;
use App\Queries\Week\Answers\OccurrenceRow;
use App\Queries\Week\Answers\RecurringTaskStepValues;
use App\Queries\Week\Answers\RecurringTaskValues;
use App\Queries\Week\Answers\RecurringTaskView;
use Illuminate\Database\Eloquent\Builder;
use Loftrin\Core\Calendar\Span;

final readonly class RecurringTaskPage
{
    /** How many of its times are shown, past and ahead. */
    private const SHOWN = 24;

    private const AHEAD = 6;

    public function __construct(
        private Workspace $workspace,
        private StoredPlans $plans,
        private Choices $choices,
        private MainEffortChoices $efforts,
    ) {
    }

    public function blank(Person $viewer, RecurringTaskKind $kind, bool $isShared): RecurringTaskView
    {
        $words = match ($kind) {
            RecurringTaskKind::Daily => 'every day',
            RecurringTaskKind::Checklist => 'when needed',
            default => '',
        };

        return $this->view(
            $viewer,
            new RecurringTaskValues(
                id: null,
                title: '',
                kind: $kind,
                words: $words,
                startsOn: $this->workspace->today(),
                owner: $viewer->id,
                isPrivate: false,
                isShared: $isShared,
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

    public function of(RecurringTask $recurringTask, Person $viewer): RecurringTaskView
    {
        $recurringTask->load(['steps', 'currentContributions.goal', 'project']);
        $goal = $recurringTask->currentContributions->first(static fn($link): bool => $link->goal->isVisibleTo($viewer));

        return $this->view(
            $viewer,
            new RecurringTaskValues(
                id: $recurringTask->id,
                title: $recurringTask->title,
                kind: $recurringTask->kind,
                words: $recurringTask->words,
                startsOn: $recurringTask->starts_on,
                owner: $recurringTask->owner_id,
                isPrivate: $recurringTask->visibility === Visibility::OnlyMe,
                isShared: $recurringTask->is_shared,
                area: $recurringTask->area_id,
                project: $recurringTask->project_id,
                goal: $goal?->goal_id,
                minutes: (string) $recurringTask->minutes,
                perQuarter: (string) $recurringTask->per_quarter,
                notes: $recurringTask->notes ?? '',
                steps: array_values(
                    $recurringTask->steps
                        ->map(
                            static fn(RecurringTaskStep $step): RecurringTaskStepValues => new RecurringTaskStepValues(
                                $step->id,
                                $step->title,
                            ),
                        )
                        ->all(),
                ),
                template: $recurringTask->template_id,
                mainEffort: $recurringTask->main_effort_id,
            ),
            $recurringTask,
        );
    }

    private function view(Person $viewer, RecurringTaskValues $values, ?RecurringTask $recurringTask = null): RecurringTaskView
    {
        $today = $this->workspace->today();
        $quarter = $this->workspace->calendar()->quarterOf($today);
        $counts =
            $recurringTask
                ?->occurrences()
                ->reorder()
                ->toBase()
                ->groupBy('state')
                ->selectRaw('state, count(*) as times')
                ->pluck('times', 'state') ?? collect();
        $times = static fn(OccurrenceState $state): int => is_numeric($counts->get($state->value)) ? (int) $counts->get($state->value) : 0;

        return new RecurringTaskView(
            recurringTask: $values,
            done: $times(OccurrenceState::Done),
            skipped: $times(OccurrenceState::Skipped),
            missed: $times(OccurrenceState::Missed),
            occurrences: $recurringTask === null ? [] : self::occurrences($recurringTask),
            ahead: $recurringTask === null
                ? []
                : array_map(
                    strval(...),
                    array_slice(
                        $recurringTask->rhythm()->within(new Span($today->plus(1), $today->plus(400)), $recurringTask->starts_on),
                        0,
                        self::AHEAD,
                    ),
                ),
            tasks: $recurringTask === null ? [] : $this->tasks($recurringTask, $quarter->span, $viewer),
            checklist: $recurringTask?->kind === RecurringTaskKind::Checklist ? RecurringTasksPage::checklist($recurringTask) : null,
            projectTitle: $recurringTask?->project?->title,
            quarter: $quarter->name,
            people: PersonTag::all(),
            areas: $this->choices->areas(),
            goals: $this->choices->goals($viewer),
            hasEnded: $recurringTask?->ended_on !== null,
            templates: $this->choices->templates(),
            mainEfforts: $this->efforts->of($viewer, $values->mainEffort),
        );
    }

    /** @return list<OccurrenceRow> the latest first */
    private static function occurrences(RecurringTask $recurringTask): array
    {
        return array_values(
            $recurringTask
                ->occurrences()
                ->limit(self::SHOWN)
                ->get()
                ->map(static fn(Occurrence $kept): OccurrenceRow => new OccurrenceRow($kept->on, $kept->state))
                ->all(),
        );
    }

    /** @return list<TaskRow> */
    private function tasks(RecurringTask $recurringTask, Span $quarter, Person $viewer): array
    {
        $threads = $this->plans->threads($viewer);
        $tasks = $recurringTask
            ->tasks()
            ->whereNull('dropped_on')
            ->where(
                static fn(Builder $either) => $either
                    ->whereNull('done_on')
                    ->orWhereBetween('occurs_on', [(string) $quarter->first, (string) $quarter->last]),
            );

        if ($recurringTask->kind !== RecurringTaskKind::Pieces) {
            $tasks->whereNull('done_on');
        }

        return TaskRow::all($tasks->getQuery(), $threads, $this->workspace);
    }
}
