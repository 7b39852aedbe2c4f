<?php

declare(strict_types=1);

namespace App\Actions\Goals;

use App\Actions\Parts\SeenWork;
use App\Actions\Parts\SetViewers;
use App\Models\Checkpoint;
use App\Models\Goal;
use App\Models\Person;
use App\Models\Visibility;
use App\Models\Workspace;
use App\Queries\Goals\GoalChanges;
use App\Queries\Plan\CoreRecords;
use App\Store\ChangeLog;
use App\Store\RefusedChange;
use Loftrin\Core\Calendar\Horizon;
use Loftrin\Core\Calendar\Period;
use Loftrin\Core\Goals\MeasureKind;
use Loftrin\Core\Goals\PaceFromDay;
use Loftrin\Core\Goals\Scope;

/** Makes a goal, or changes one, as far as the rules of the core allow. */
final readonly class SaveGoal
{
    public function __construct(
        private ChangeLog $log,
        private Workspace $workspace,
        private GoalRules $rules,
        private SetViewers $setViewers,
        private GoalChanges $changes,
        private NotifyFollowers $notifyFollowers,
        private BringFromShelf $bringFromShelf,
    ) {
    }

    /** @throws RefusedChange at the field that breaks a rule */
    public function __invoke(Person $who, GoalDraft $draft, ?Goal $goal = null): Goal
    {
        $period = RefusedChange::unless('period', fn(): Period => $this->workspace->calendar()->period($draft->period));
        $words = ($goal === null ? 'Added the goal' : 'Changed')." “{$draft->title}”";

        return $this->log->change($who, $words, function () use ($who, $draft, $goal, $period): Goal {
            $record = $goal ?? new Goal();
            $record->fill($this->columns($who, $draft, $period, $record));
            RefusedChange::unless($this->fieldOf($draft->measure->kind), static fn() => CoreRecords::measure(CoreRecords::row($record)));
            $this->refuseUnknown($who, $record);
            $this->refuseInAnothersName($who, $record);
            $this->rules->refuseMisplaced($record);

            if ($record->is_main && $record->isDirty('is_main')) {
                MainGoal::becomes($who, $record);
            }

            $record->save();
            $changed = $goal === null ? [] : $this->changes->of($record, $record->before(), $record->getChanges(), null);
            $shelved = $record->predecessor()->whereNotNull('shelved_on')->first();

            if ($shelved !== null) {
                ($this->bringFromShelf)($who, $shelved, $record);
            }

            ($this->setViewers)($who, $record->refresh(), $draft->viewers->groups, $draft->viewers->people);
            $this->rules->refuseShowing($record);
            SeenWork::settle($record);
            $this->saveCheckpoints($record, [...$goal === null ? $this->fromToday($draft, $period) : [], ...$draft->checkpoints]);

            if ($changed !== []) {
                ($this->notifyFollowers)($who, $record, 'changed it: '.implode(', ', $changed));
            }

            return $record;
        });
    }

    /** @return array<string, mixed> */
    private function columns(Person $who, GoalDraft $draft, Period $period, Goal $goal): array
    {
        return [
            'title' => $draft->title,
            'why' => $draft->why,
            'mark' => $draft->mark === null ? null : mb_strtoupper($draft->mark),
            'scope' => $draft->viewers->visibility === Visibility::OnlyMe ? Scope::Person : $draft->scope,
            'group_id' => $draft->scope === Scope::Group ? $draft->group : null,
            'visibility' => $draft->viewers->visibility,
            'counts_unnamed' => $draft->parent !== null && $draft->viewers->isUnnamed(),
            'horizon' => $period->horizon,
            'period' => $period->name,
            'starts_on' => $period->span->first,
            'ends_on' => $period->span->last,
            'anchor_on' => $period->anchor(),
            'parent_id' => $draft->parent,
            'weight' => $draft->weight,
            'owner_id' => $draft->owner ?? ($goal->owner_id ?? $who->id),
            'area_id' => $draft->area,
            'is_main' => $draft->isMain,
            'is_firm' => $draft->isFirm,
            'measure' => $draft->measure->kind,
            'tasks_weight' => $draft->measure->tasksWeight,
            'start_value' => $draft->measure->start,
            'target_value' => $draft->measure->target,
            'limit_value' => $draft->measure->limit,
            'sense' => $draft->measure->sense,
            'share' => $draft->measure->share,
            'unit' => $draft->measure->unit,
            'created_on' => $goal->exists ? $goal->created_on : $this->workspace->today(),
            'long_term_goal_id' => $period->horizon === Horizon::Year ? $draft->longTermGoal : null,
            'predecessor_id' => $draft->predecessor ?? ($goal->predecessor_id ?? null),
            ...PlaceGoal::columns($period->horizon === Horizon::Year ? $draft->quarters : []),
        ];
    }

    private function fieldOf(MeasureKind $kind): string
    {
        return match ($kind) {
            MeasureKind::Keep => 'share',
            MeasureKind::Work => 'tasks_weight',
            MeasureKind::Number, MeasureKind::Count, MeasureKind::YesNo, MeasureKind::Judged => 'target',
        };
    }

    private function refuseUnknown(Person $who, Goal $goal): void
    {
        match (true) {
            $goal->parent_id !== null && Goal::query()->visibleTo($who)->whereKey($goal->parent_id)->doesntExist()
                => throw new RefusedChange('parent', 'This goal no longer exists.'),
            $goal->predecessor_id !== null && Goal::query()->visibleTo($who)->whereKey($goal->predecessor_id)->doesntExist()
                => throw new RefusedChange('predecessor', 'The goal to continue no longer exists.'),
            $goal->scope === Scope::Group && $goal->group_id === null => throw new RefusedChange('group', 'Choose the group.'),
            default => null,
        };
    }

    /** A lead sets goals for others; what carries a goal on stays its owner's. */
    private function refuseInAnothersName(Person $who, Goal $goal): void
    {
        $isKept =
            $goal->owner_id === $who->id ||
            ! $goal->isDirty('owner_id') ||
            ($goal->predecessor_id !== null && Goal::query()->whereKey($goal->predecessor_id)->value('owner_id') === $goal->owner_id);

        if (! $isKept && ! $who->isLead()) {
            throw new RefusedChange('owner', 'Only a lead can give a goal to somebody else.');
        }
    }

    /**
     * What begins after its period has begun is counted from today: always where it carries another on, else as was chosen or is proposed.
     *
     * @return list<array{on: string, fraction: string}> a checkpoint of 0 on the day before, or none
     */
    private function fromToday(GoalDraft $draft, Period $period): array
    {
        $today = $this->workspace->today();
        $before = PaceFromDay::grows($draft->measure->kind) ? PaceFromDay::checkpoint($period, $today) : null;
        $isCounted =
            $draft->predecessor !== null ||
            ($draft->isFromToday ?? PaceFromDay::isProposed($this->workspace->calendar(), $period, $today));
        $isSaid = array_filter($draft->checkpoints, static fn(array $point): bool => $point['on'] <= (string) $before) !== [];

        return $before === null || ! $isCounted || $isSaid ? [] : [['on' => (string) $before, 'fraction' => '0']];
    }

    /** @param list<array{on: string, fraction: string}> $points */
    private function saveCheckpoints(Goal $goal, array $points): void
    {
        $goal->checkpoints()->get()->each(static fn(Checkpoint $point): ?bool => $point->delete());

        foreach ($points as $point) {
            Checkpoint::query()->create(['goal_id' => $goal->id, ...$point]);
        }

        RefusedChange::unless(
            'checkpoints',
            fn() => (new CoreRecords($this->workspace->calendar()))->goal($goal->load('checkpoints'), null),
        );
    }
}
