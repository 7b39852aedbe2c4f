<?php

declare(strict_types=1);

namespace App\Actions\Week;

use App\Actions\Parts\SeenWork;
use App\Models\Goal;
use App\Models\Person;
use App\Models\Project;
use App\Models\RecurringTask;
use App\Models\RecurringTaskContribution;
use App\Models\RecurringTaskKind;
use App\Models\RecurringTaskStep;
use App\Models\Visibility;
use App\Models\Workspace;
use App\Store\ChangeLog;
use App\Store\RefusedChange;
use InvalidArgumentException;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Calendar\Rhythm;
use Loftrin\Core\Calendar\RhythmReader;

/** Makes a recurring task, changes one, ends one, or takes shared ones. */
final readonly class SaveRecurringTask
{
    public function __construct(private ChangeLog $log, private Workspace $workspace, private RunRecurringTask $run)
    {
    }

    /** @throws RefusedChange at the field that breaks a rule */
    public function __invoke(Person $who, RecurringTaskDraft $draft, ?RecurringTask $recurringTask = null): RecurringTask
    {
        $rhythm = RefusedChange::unless(
            'words',
            fn(): Rhythm => $this->rhythm($draft->words, $draft->startsOn ?? ($recurringTask->starts_on ?? $this->workspace->today())),
        );
        $goal = $draft->goal === null ? null : Goal::query()->visibleTo($who)->find($draft->goal);

        $project = $draft->project === null ? null : Project::query()->visibleTo($who)->find($draft->project);
        $isHidden = $draft->isPrivate || $project?->isHidden() === true;

        self::refuse($who, $draft, $project, $goal, $isHidden);
        SeenWork::admit($project, $draft->owner ?? ($recurringTask->owner_id ?? $who->id), 'owner');

        return $this->log->change(
            $who,
            ($recurringTask === null ? 'Added' : 'Changed')." the recurring task “{$draft->title}”",
            fn(): RecurringTask => $this->write($who, $draft, $rhythm, $recurringTask, $isHidden),
        );
    }

    /** It brings nothing any more. What it brought so far is kept; what is still open of it is dropped. */
    public function end(Person $who, RecurringTask $recurringTask): void
    {
        $this->log->change($who, "Ended the recurring task “{$recurringTask->title}”", function () use ($recurringTask): void {
            $today = $this->workspace->today();
            $recurringTask->update(['ended_on' => $today]);

            foreach ($recurringTask->tasks()->open()->get() as $task) {
                $task->update(['dropped_on' => $today]);
            }
        });
    }

    /**
     * Takes shared recurring tasks as one's own, or for a project or an area.
     *
     * @param list<int> $ids
     */
    public function take(Person $who, array $ids, ?int $project, ?int $area): void
    {
        $shared = RecurringTask::query()->where('is_shared', true)->whereNull('ended_on')->whereKey($ids)->with('steps')->get();

        $this->log->change(
            $who,
            $shared->count() === 1 ? 'Added a shared recurring task' : "Added {$shared->count()} shared recurring tasks",
            function () use ($who, $shared, $project, $area): void {
                foreach ($shared as $recurringTask) {
                    $this(
                        $who,
                        new RecurringTaskDraft(
                            $recurringTask->title,
                            $recurringTask->words,
                            $recurringTask->kind,
                            sharedFrom: $recurringTask->id,
                            area: $area ?? $recurringTask->area_id,
                            project: $project,
                            minutes: $recurringTask->minutes,
                            perQuarter: $recurringTask->per_quarter,
                            notes: $recurringTask->notes,
                            steps: array_values(
                                $recurringTask->steps
                                    ->map(static fn(RecurringTaskStep $step): array => ['id' => null, 'title' => $step->title])
                                    ->all(),
                            ),
                            template: $recurringTask->template_id,
                        ),
                    );
                }
            },
        );
    }

    /** @throws RefusedChange at the field that breaks a rule */
    private static function refuse(Person $who, RecurringTaskDraft $draft, ?Project $project, ?Goal $goal, bool $isHidden): void
    {
        match (true) {
            $draft->project !== null && $project === null => throw new RefusedChange('project', 'This project no longer exists.'),
            $draft->goal !== null && $goal === null => throw new RefusedChange('goal', 'This goal no longer exists.'),
            $draft->kind === RecurringTaskKind::Pieces && $draft->perQuarter === null => throw new RefusedChange(
                'perQuarter',
                'Enter the number of items per quarter.',
            ),
            $draft->isPrivate && $draft->owner !== null && $draft->owner !== $who->id => throw new RefusedChange(
                'isPrivate',
                'A private recurring task must be your own',
            ),
            $draft->isPrivate && ($draft->project !== null || $draft->isShared) => throw new RefusedChange(
                'isPrivate',
                'Shared recurring tasks are visible to everyone, those of a project to everyone who can see it.',
            ),
            $goal !== null && $isHidden !== $goal->isHidden() => throw new RefusedChange(
                'goal',
                'This goal and the recurring task are not visible to the same people',
            ),
            $project?->isHidden() === true && $draft->isShared => throw new RefusedChange(
                'project',
                'Shared recurring tasks are visible to everyone, and this project is not.',
            ),
            default => null,
        };
    }

    private function write(
        Person $who,
        RecurringTaskDraft $draft,
        Rhythm $rhythm,
        ?RecurringTask $recurringTask,
        bool $isHidden,
    ): RecurringTask {
        $record = $recurringTask ?? new RecurringTask(['shared_from_id' => $draft->sharedFrom]);
        $startsOn = $draft->startsOn ?? ($record->starts_on ?? $this->workspace->today());
        $isOther =
            $record->exists &&
            ($record->words !== $rhythm->words ||
                ($draft->startsOn !== null && $record->starts_on->number !== $draft->startsOn->number));
        $record
            ->fill([
                'title' => $draft->title,
                'kind' => $draft->kind,
                'is_shared' => $draft->isShared,
                'owner_id' => $draft->owner ?? ($record->owner_id ?? $who->id),
                'visibility' => $isHidden ? Visibility::OnlyMe : Visibility::Everyone,
                'words' => $rhythm->words,
                'rule' => $rhythm->rule,
                'after_every' => $rhythm->every,
                'after_unit' => $rhythm->unit,
                'starts_on' => $isOther || ! $record->exists ? $rhythm->beginning($startsOn) : $startsOn,
                'area_id' => $draft->area,
                'project_id' => $draft->project,
                'main_effort_id' => $draft->mainEffort,
                'minutes' => $draft->minutes,
                'per_quarter' => $draft->perQuarter,
                'notes' => $draft->notes,
                'template_id' => $draft->kind === RecurringTaskKind::Pieces ? $draft->template : null,
            ])
            ->save();
        $this->saveSteps($record, $draft);
        $this->saveGoal($record, $draft->goal);
        $this->run->keepUp($record->refresh(), $isOther);

        return $record;
    }

    private function saveSteps(RecurringTask $recurringTask, RecurringTaskDraft $draft): void
    {
        $there = $recurringTask->steps()->get()->keyBy('id');
        $there
            ->except(array_filter(array_column($draft->steps, 'id'), is_int(...)))
            ->each(static fn(RecurringTaskStep $step): ?bool => $step->delete());

        foreach ($draft->steps as $position => $step) {
            $record =
                ($step['id'] === null ? null : $there->get($step['id'])) ??
                new RecurringTaskStep(['recurring_task_id' => $recurringTask->id]);
            $record->fill(['position' => $position, 'title' => $step['title']])->save();
        }
    }

    private function saveGoal(RecurringTask $recurringTask, ?int $goal): void
    {
        $links = $recurringTask->currentContributions()->get();
        $links->where('goal_id', '!=', $goal)->each(static fn(RecurringTaskContribution $link): ?bool => $link->delete());

        if ($goal !== null && ! $links->contains('goal_id', $goal)) {
            RecurringTaskContribution::query()->updateOrCreate(
                ['recurring_task_id' => $recurringTask->id, 'goal_id' => $goal],
                ['weight' => 1, 'until_on' => null],
            );
        }
    }

    /** @throws InvalidArgumentException when the words say no rhythm, or one that would not come round soon */
    private function rhythm(string $words, Day $startsOn): Rhythm
    {
        $rhythm = (new RhythmReader($this->workspace->calendar()->yearStartsIn))->read($words);

        $rhythm->refuseLate($startsOn);

        return $rhythm;
    }
}
