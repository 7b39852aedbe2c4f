<?php

declare(strict_types=1);

namespace Loftrin\Core\PlanFile;

use Loftrin\Core\Calendar\Calendar;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Calendar\Horizon;
use Loftrin\Core\Calendar\Period;
use Loftrin\Core\Calendar\RecurrenceRule;
use Loftrin\Core\Fraction;
use Loftrin\Core\Goals\Goal;
use Loftrin\Core\Goals\Scope;
use Loftrin\Core\Work\Lifetime;
use Loftrin\Core\Work\Project;
use Loftrin\Core\Work\ProjectState;
use Loftrin\Core\Work\Rank;
use Loftrin\Core\Work\RecurringTask;
use Loftrin\Core\Work\StageOrder;
use Loftrin\Core\Work\Task;
use Loftrin\Core\Work\Weighing;

/** Reads the records of a plan file into the core's own objects. */
final readonly class RecordReader
{
    private MeasureReader $measures;

    private LinkReader $links;

    public function __construct(private Calendar $calendar, private Sections $sections)
    {
        $this->measures = new MeasureReader();
        $this->links = new LinkReader($sections);
    }

    public function goal(Record $record, string $id): ?Goal
    {
        $record->choice('scope', Scope::class, Scope::Company);
        $this->sections->link($record, 'owner', 'people', $record->text('owner'));
        $parent = $this->sections->link($record, 'parent', 'goals', $record->text('parent'));
        $area = $this->sections->link($record, 'area', 'areas', $record->text('area'));
        $period = $this->period($record);
        $measure = $this->measures->measure($record);
        $closing = $this->measures->closing($record);
        $created = self::createdBefore($record, 'closed_on');
        $carries = $this->sections->link($record, 'carries', 'goals', $record->text('carries'));

        if ($period === null || $measure === null) {
            return null;
        }

        return $record->make(
            fn(): Goal => new Goal(
                id: $id,
                title: $record->text('title') ?? $id,
                period: $period,
                measure: $measure,
                parent: $parent,
                weight: $record->number('weight'),
                checkpoints: $this->measures->checkpoints($record, $period),
                closing: $closing,
                area: $area,
                createdOn: $created,
                carries: $carries,
            ),
        );
    }

    public function project(Record $record, string $id): ?Project
    {
        $this->sections->link($record, 'owner', 'people', $record->text('owner'));
        $area = $this->sections->link($record, 'area', 'areas', $record->text('area'));
        $stages = $record->texts('stages');

        if (count(array_unique($stages)) !== count($stages)) {
            $record->fault('stages must have different names');
        }

        return $record->make(
            fn(): Project => new Project(
                id: $id,
                title: $record->text('title') ?? $id,
                weighing: $record->choice('weighing', Weighing::class, Weighing::Count),
                order: $record->choice('order', StageOrder::class, StageOrder::Any),
                stages: $stages,
                serves: $this->links->serves($record),
                state: $record->choice('state', ProjectState::class, ProjectState::Active),
                stateOn: $record->day('state_on'),
                startsOn: $record->day('starts_on'),
                dueOn: $record->day('due_on'),
                area: $area,
                createdOn: $record->day('created_on'),
            ),
        );
    }

    public function recurring(Record $record, string $id): RecurringTask
    {
        $this->sections->link($record, 'owner', 'people', $record->text('owner'));
        $record->day('starts_on');
        $rule = $record->text('rule');

        $fault = $rule === null ? null : RecurrenceRule::fault($rule);

        if ($fault !== null) {
            $record->fault("rule $rule cannot be used: $fault");
        }

        $this->checkAfterDone($record->record('after_done'));

        return new RecurringTask($id, $this->links->serves($record));
    }

    /** @param array<array-key, Project> $projects */
    public function task(Record $record, string $id, array $projects): ?Task
    {
        $project = $this->sections->link($record, 'project', 'projects', $record->text('project'));
        $goal = $this->sections->link($record, 'goal', 'goals', $record->text('goal'));
        $recurringTask = $this->sections->link($record, 'recurring', 'recurring', $record->text('recurring'));
        $this->sections->link($record, 'owner', 'people', $record->text('owner'));
        $stage = $record->text('stage');
        $after = $record->texts('after');
        $formerly = $this->links->formerly($record);
        $this->checkPlace($record, $stage, $projects[$project ?? ''] ?? null, $project);
        $this->checkTimes($record);

        foreach ($after as $other) {
            $this->sections->link($record, 'after', 'tasks', $other);
        }

        return $record->make(
            static fn(): Task => new Task(
                id: $id,
                project: $project,
                goal: $goal,
                recurringTask: $recurringTask,
                stage: $stage,
                life: new Lifetime(
                    self::createdBefore($record, 'dropped_on', 'shelved_on'),
                    $record->day('done_on'),
                    $record->day('dropped_on'),
                    $record->day('shelved_on'),
                ),
                minutes: $record->number('minutes'),
                steps: array_map(static fn(Record $step): ?Day => $step->day('done_on'), $record->records('steps')),
                after: $after,
                waits: ($record->text('waiting_on') ?? '') !== '',
                since: $record->day('since'),
                formerly: $formerly,
            ),
        );
    }

    private function period(Record $record): ?Period
    {
        $name = $record->required('period');
        $record->required('horizon');
        $horizon = $record->choice('horizon', Horizon::class, Horizon::Year);
        $period = $name === null ? null : $this->calendar->tryPeriod($name);

        return match (true) {
            $name === null => null,
            $period === null => $record->fault("period $name is unknown"),
            $record->has('horizon') && $period->horizon !== $horizon => $record->fault("period $name is no {$horizon->value}"),
            default => $period,
        };
    }

    private function checkPlace(Record $record, ?string $stage, ?Project $project, ?string $named): void
    {
        if ($stage === null || ($project === null && $named !== null)) {
            return;
        }

        if ($project === null || ! in_array($stage, $project->stages, true)) {
            $record->fault($project === null ? "stage $stage needs a project" : "stage $stage is not in project $project->id");
        }
    }

    /** The day on which the record was created, before which nothing can have ended it. */
    private static function createdBefore(Record $record, string ...$ends): ?Day
    {
        $created = $record->day('created_on');

        foreach ($ends as $end) {
            $ended = $record->day($end);

            if ($created !== null && $ended?->isBefore($created) === true) {
                $record->fault("$end must not be before created_on");
            }
        }

        return $created;
    }

    private function checkAfterDone(?Record $after): void
    {
        if ($after === null) {
            return;
        }

        if (! $after->requiredNumber('every')->isPositive()) {
            $after->fault('every must be above 0');
        }

        if (! in_array($after->required('unit'), ['day', 'week', 'month', 'year', null], true)) {
            $after->fault('unit is unknown');
        }
    }

    private function checkTimes(Record $record): void
    {
        $record->day('due_on');
        $record->day('changed_on');
        $record->choice('rank', Rank::class, Rank::C);
        $planned = $record->text('planned');
        $carried = $record->number('carried');

        if ($planned !== null && Day::tryOf($planned) === null && $this->calendar->tryPeriod($planned) === null) {
            $record->fault("planned $planned is neither a date nor a period");
        }

        if ($carried !== null && $carried->isLessThan(Fraction::zero())) {
            $record->fault('carried must not be below 0');
        }
    }
}
