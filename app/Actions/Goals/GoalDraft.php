<?php

declare(strict_types=1);

namespace App\Actions\Goals;

use App\Models\Goal;
use App\Models\Visibility;
use Loftrin\Core\Goals\MeasureKind;
use Loftrin\Core\Goals\Scope;
use Loftrin\Core\Goals\Sense;

/** What is said of a goal. Title and period are enough. Values are decimals as typed. */
final readonly class GoalDraft
{
    /**
     * @param ?int $group whose goal it is, if a group's
     * @param list<int> $groups that may see it, if they are chosen
     * @param list<int> $people likewise
     * @param ?int $longTermGoal on which a year goal hangs
     * @param list<int> $quarters in which a year goal is worked on
     * @param ?int $predecessor the goal that a new one carries on
     * @param list<array{on: string, fraction: string}> $checkpoints fractions 0 to 1
     * @param ?bool $isFromToday whether nothing is expected of a new one for the time before today; null as it is proposed
     */
    public function __construct(
        public string $title,
        public string $period,
        public ?string $why = null,
        public ?string $mark = null,
        public ?int $parent = null,
        public string $weight = '1',
        public ?int $owner = null,
        public ?int $area = null,
        public Scope $scope = Scope::Company,
        public Visibility $visibility = Visibility::Everyone,
        public bool $isMain = false,
        public bool $isFirm = false,
        public MeasureKind $measure = MeasureKind::Work,
        public ?string $start = null,
        public ?string $target = null,
        public ?string $limit = null,
        public Sense $sense = Sense::AtLeast,
        public string $share = '0.8',
        public string $tasksWeight = '1',
        public ?string $unit = null,
        public array $checkpoints = [],
        public ?int $group = null,
        public array $groups = [],
        public array $people = [],
        public bool $countsUnnamed = false,
        public ?int $longTermGoal = null,
        public array $quarters = [],
        public ?int $predecessor = null,
        public ?bool $isFromToday = null,
    ) {
    }

    /** As the goal is, for one that carries it on. Its checkpoints belong to its own period and are not carried. */
    public static function carrying(
        Goal $goal,
        string $title,
        string $period,
        ?int $parent,
        bool $isMain,
        bool $countsUnnamed,
        string $weight,
        CarriedMeasure $measure,
    ): self {
        return new self(
            $title,
            $period,
            $goal->why,
            $goal->mark,
            $parent,
            $weight,
            $goal->owner_id,
            $goal->area_id,
            $goal->scope,
            $goal->visibility,
            $isMain,
            $goal->is_firm,
            $measure->kind,
            $measure->start,
            $measure->target,
            $goal->limit_value === null ? null : (string) $goal->limit_value,
            sense: $goal->sense,
            share: (string) $goal->share,
            tasksWeight: (string) $goal->tasks_weight,
            unit: $goal->unit,
            group: $goal->group_id,
            groups: $goal->admitted('group_id'),
            people: $goal->admitted('person_id'),
            countsUnnamed: $countsUnnamed,
            longTermGoal: $goal->long_term_goal_id,
            quarters: $goal->quarters ?? [],
            predecessor: $goal->id,
        );
    }
}
