<?php

declare(strict_types=1);

namespace App\Queries\Goals\Answers;

use App\Models\Checkpoint;
use App\Models\Goal;
use App\Models\Visibility;
use App\Queries\Plan\CoreRecords;
use App\Queries\Props;
use Loftrin\Core\Fraction;
use Loftrin\Core\Goals\MeasureKind;
use Loftrin\Core\Goals\Scope;
use Loftrin\Core\Goals\Sense;

/** The fields of a goal as the form holds them: decimals as text, shares in per cent. */
final readonly class GoalValues implements Props
{
    /**
     * @param list<CheckpointValues> $checkpoints
     * @param ?int $group whose goal it is, if a group's
     * @param list<int> $groups that may see it, if they are chosen
     * @param list<int> $people likewise
     * @param list<int> $quarters in which a year goal is worked on
     * @param ?int $predecessor the goal that a new one carries on
     * @param string $tasksWeight of a goal that is measured by its work: that of all its own tasks together
     * @param string $fromToday of a new one, whether it is counted from today: yes, no, or nothing for what is proposed
     */
    public function __construct(
        public ?int $id,
        public string $title,
        public string $period,
        public string $why = '',
        public string $mark = '',
        public ?int $parent = null,
        public string $weight = '1',
        public ?int $owner = null,
        public ?int $area = null,
        public Scope $scope = Scope::Company,
        public Visibility $visibility = Visibility::Everyone,
        public bool $isMain = false,
        public bool $isFirm = false,
        public MeasureKind $measure = MeasureKind::Work,
        public string $start = '',
        public string $target = '',
        public string $limit = '',
        public Sense $sense = Sense::AtLeast,
        public string $share = '80',
        public string $unit = '',
        public array $checkpoints = [],
        public ?int $group = null,
        public array $groups = [],
        public array $people = [],
        public bool $countsUnnamed = false,
        public ?int $longTermGoal = null,
        public array $quarters = [],
        public ?int $predecessor = null,
        public string $tasksWeight = '1',
        public string $fromToday = '',
    ) {
    }

    /** The same for a new goal in another period, with no days of its own yet. */
    public function carriedInto(string $period, ?int $parent): self
    {
        return new self(
            null,
            $this->title,
            $period,
            $this->why,
            $this->mark,
            $parent,
            $this->weight,
            $this->owner,
            $this->area,
            $this->scope,
            $this->visibility,
            measure: $this->measure,
            start: $this->start,
            target: $this->target,
            limit: $this->limit,
            sense: $this->sense,
            share: $this->share,
            unit: $this->unit,
            group: $this->group,
            groups: $this->groups,
            people: $this->people,
            longTermGoal: $this->longTermGoal,
            quarters: $this->quarters,
            predecessor: $this->id,
            tasksWeight: $this->tasksWeight,
        );
    }

    public static function of(Goal $goal): self
    {
        $percent = static fn(float|int|string $fraction): string => (string) CoreRecords::exact($fraction)
            ->times(Fraction::of(100))
            ->rounded(2);

        return new self(
            id: $goal->id,
            title: $goal->title,
            period: $goal->period,
            why: $goal->why ?? '',
            mark: $goal->mark ?? '',
            parent: $goal->parent_id,
            weight: (string) $goal->weight,
            owner: $goal->owner_id,
            area: $goal->area_id,
            scope: $goal->scope,
            visibility: $goal->visibility,
            isMain: $goal->is_main,
            isFirm: $goal->is_firm,
            measure: $goal->measure,
            start: (string) $goal->start_value,
            target: (string) $goal->target_value,
            limit: (string) $goal->limit_value,
            sense: $goal->sense,
            share: $percent($goal->share),
            unit: $goal->unit ?? '',
            checkpoints: array_values(
                $goal->checkpoints
                    ->map(static fn(Checkpoint $point): CheckpointValues => new CheckpointValues($point->on, $percent($point->fraction)))
                    ->all(),
            ),
            group: $goal->group_id,
            groups: $goal->admitted('group_id'),
            people: $goal->admitted('person_id'),
            countsUnnamed: $goal->counts_unnamed,
            longTermGoal: $goal->long_term_goal_id,
            quarters: $goal->quarters ?? [],
            tasksWeight: (string) $goal->tasks_weight,
        );
    }
}
