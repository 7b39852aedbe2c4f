<?php

declare(strict_types=1);

namespace App\Actions\Goals;

use App\Actions\Parts\ViewersDraft;
use App\Models\Goal;
use Loftrin\Core\Goals\Scope;

/** What is said of a goal. Title and period are enough. Values are decimals as typed. */
final readonly class GoalDraft
{
    /**
     * @param ?int $group whose goal it is, if a group's
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
        public ViewersDraft $viewers = new ViewersDraft(),
        public MeasureDraft $measure = new MeasureDraft(),
        public bool $isMain = false,
        public bool $isFirm = false,
        public array $checkpoints = [],
        public ?int $group = null,
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
            title: $title,
            period: $period,
            why: $goal->why,
            mark: $goal->mark,
            parent: $parent,
            weight: $weight,
            owner: $goal->owner_id,
            area: $goal->area_id,
            scope: $goal->scope,
            viewers: new ViewersDraft($goal->visibility, $goal->admitted('group_id'), $goal->admitted('person_id'), $countsUnnamed),
            measure: MeasureDraft::carrying($goal, $measure),
            isMain: $isMain,
            isFirm: $goal->is_firm,
            group: $goal->group_id,
            longTermGoal: $goal->long_term_goal_id,
            quarters: $goal->quarters ?? [],
            predecessor: $goal->id,
        );
    }
}
