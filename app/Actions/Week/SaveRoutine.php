<?php

declare(strict_types=1);

namespace App\Actions\Week;

use App\Models\Goal;
use App\Models\Person;
use App\Models\Routine;
use App\Models\RoutineKind;
use App\Models\RoutineServing;
use App\Models\RoutineStep;
use App\Models\Visibility;
use App\Models\Workspace;
use App\Store\ChangeLog;
use App\Store\RefusedChange;
use InvalidArgumentException;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Calendar\Recurrence;
use Loftrin\Core\Calendar\Rhythm;
use Loftrin\Core\Calendar\RhythmReader;

/** Makes a routine, changes one, ends one, or takes some from the stock. */
final readonly class SaveRoutine
{
    public function __construct(private ChangeLog $log, private Workspace $workspace, private RunRoutine $run)
    {
    }

    /** @throws RefusedChange at the field that breaks a rule */
    public function __invoke(Person $who, RoutineDraft $draft, ?Routine $routine = null): Routine
    {
        $rhythm = RefusedChange::unless(
            'words',
            fn(): Rhythm => $this->rhythm($draft->words, $draft->startsOn ?? ($routine->starts_on ?? $this->workspace->today())),
        );
        $goal = $draft->goal === null ? null : Goal::query()->visibleTo($who)->find($draft->goal);

        match (true) {
            $draft->goal !== null && $goal === null => throw new RefusedChange('goal', 'This goal no longer exists.'),
            $draft->kind === RoutineKind::Pieces && $draft->perQuarter === null => throw new RefusedChange(
                'perQuarter',
                'Enter the number of items per quarter.',
            ),
            $draft->isPrivate && $draft->owner !== null && $draft->owner !== $who->id => throw new RefusedChange(
                'isPrivate',
                'A private recurring task must be your own',
            ),
            $draft->isPrivate && ($draft->project !== null || $draft->isStock) => throw new RefusedChange(
                'isPrivate',
                'Recurring tasks that are shared or in a project are visible to everyone',
            ),
            $goal !== null && $draft->isPrivate !== ($goal->visibility !== Visibility::Everyone) => throw new RefusedChange(
                'goal',
                'This goal and the recurring task are not visible to the same people',
            ),
            default => null,
        };

        return $this->log->change(
            $who,
            ($routine === null ? 'Added' : 'Changed')." the recurring task “{$draft->title}”",
            function () use ($who, $draft, $rhythm, $routine): Routine {
                $record = $routine ?? new Routine(['stock_id' => $draft->stock]);
                $isOther =
                    $record->exists &&
                    ($record->words !== $rhythm->words ||
                        ($draft->startsOn !== null && $record->starts_on->number !== $draft->startsOn->number));
                $record
                    ->fill([
                        'title' => $draft->title,
                        'kind' => $draft->kind,
                        'is_stock' => $draft->isStock,
                        'owner_id' => $draft->owner ?? ($record->owner_id ?? $who->id),
                        'visibility' => $draft->isPrivate ? Visibility::OnlyMe : Visibility::Everyone,
                        'words' => $rhythm->words,
                        'rule' => $rhythm->rule,
                        'after_every' => $rhythm->every,
                        'after_unit' => $rhythm->unit,
                        'starts_on' => $draft->startsOn ?? ($record->starts_on ?? $this->workspace->today()),
                        'area_id' => $draft->area,
                        'project_id' => $draft->project,
                        'minutes' => $draft->minutes,
                        'per_quarter' => $draft->perQuarter,
                        'notes' => $draft->notes,
                        'pattern_id' => $draft->kind === RoutineKind::Pieces ? $draft->pattern : null,
                    ])
                    ->save();
                $this->saveSteps($record, $draft);
                $this->saveGoal($record, $draft->goal);
                $this->run->keepUp($record->refresh(), $isOther);

                return $record;
            },
        );
    }

    /** It brings nothing any more. What it brought so far is kept; what is still open of it is dropped. */
    public function end(Person $who, Routine $routine): void
    {
        $this->log->change($who, "Ended the recurring task “{$routine->title}”", function () use ($routine): void {
            $today = $this->workspace->today();
            $routine->update(['ended_on' => $today]);

            foreach ($routine->tasks()->open()->get() as $task) {
                $task->update(['dropped_on' => $today, 'changed_on' => $today]);
            }
        });
    }

    /**
     * Takes routines of the stock as one's own, or for a project or an area.
     *
     * @param list<int> $ids
     */
    public function take(Person $who, array $ids, ?int $project, ?int $area): void
    {
        $stock = Routine::query()->where('is_stock', true)->whereNull('ended_on')->whereKey($ids)->with('steps')->get();

        $this->log->change(
            $who,
            $stock->count() === 1 ? 'Took a routine from the stock' : "Took {$stock->count()} routines from the stock",
            function () use ($who, $stock, $project, $area): void {
                foreach ($stock as $routine) {
                    $this(
                        $who,
                        new RoutineDraft(
                            $routine->title,
                            $routine->words,
                            $routine->kind,
                            stock: $routine->id,
                            area: $area ?? $routine->area_id,
                            project: $project,
                            minutes: $routine->minutes,
                            perQuarter: $routine->per_quarter,
                            notes: $routine->notes,
                            steps: array_values(
                                $routine->steps->map(static fn(RoutineStep $step): array => ['id' => null, 'title' => $step->title])->all(),
                            ),
                            pattern: $routine->pattern_id,
                        ),
                    );
                }
            },
        );
    }

    private function saveSteps(Routine $routine, RoutineDraft $draft): void
    {
        $there = $routine->steps()->get()->keyBy('id');
        $there
            ->except(array_filter(array_column($draft->steps, 'id'), is_int(...)))
            ->each(static fn(RoutineStep $step): ?bool => $step->delete());

        foreach ($draft->steps as $position => $step) {
            $record = ($step['id'] === null ? null : $there->get($step['id'])) ?? new RoutineStep(['routine_id' => $routine->id]);
            $record->fill(['position' => $position, 'title' => $step['title']])->save();
        }
    }

    private function saveGoal(Routine $routine, ?int $goal): void
    {
        $links = $routine->servings()->get();
        $links->where('goal_id', '!=', $goal)->each(static fn(RoutineServing $link): ?bool => $link->delete());

        if ($goal !== null && ! $links->contains('goal_id', $goal)) {
            RoutineServing::query()->create(['routine_id' => $routine->id, 'goal_id' => $goal, 'weight' => 1]);
        }
    }

    /** @throws InvalidArgumentException when the words say no rhythm, or one that would not come round soon */
    private function rhythm(string $words, Day $startsOn): Rhythm
    {
        $rhythm = (new RhythmReader($this->workspace->calendar()->yearStartsIn))->read($words);

        if ($rhythm->rule !== null) {
            Recurrence::starting($rhythm->rule, $startsOn);
        }

        return $rhythm;
    }
}
