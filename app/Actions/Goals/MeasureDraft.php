<?php

declare(strict_types=1);

namespace App\Actions\Goals;

use App\Models\Goal;
use Loftrin\Core\Goals\MeasureKind;
use Loftrin\Core\Goals\Sense;

/** What is said of how a goal is measured; numbers as decimals. */
final readonly class MeasureDraft
{
    /**
     * @param string $share of the readings that have to keep the limit, 0 to 1
     * @param string $tasksWeight of a goal that is measured by its work: that of all its own tasks together
     */
    public function __construct(
        public MeasureKind $kind = MeasureKind::Work,
        public ?string $start = null,
        public ?string $target = null,
        public ?string $limit = null,
        public Sense $sense = Sense::AtLeast,
        public string $share = '0.8',
        public ?string $unit = null,
        public string $tasksWeight = '1',
    ) {
    }

    /** As the goal is measured, from where what carries it on begins. */
    public static function carrying(Goal $goal, CarriedMeasure $measure): self
    {
        return new self(
            kind: $measure->kind,
            start: $measure->start,
            target: $measure->target,
            limit: $goal->limit_value === null ? null : (string) $goal->limit_value,
            sense: $goal->sense,
            share: (string) $goal->share,
            unit: $goal->unit,
            tasksWeight: (string) $goal->tasks_weight,
        );
    }
}
