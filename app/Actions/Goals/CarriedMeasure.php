<?php

declare(strict_types=1);

namespace App\Actions\Goals;

use App\Models\Goal;
use App\Queries\Goals\Answers\ClosingOffer;
use App\Store\RefusedChange;
use Loftrin\Core\Decimal;
use Loftrin\Core\Fraction;
use Loftrin\Core\Goals\Figure;
use Loftrin\Core\Goals\MeasureKind;

/**
 * How what carries a goal on is judged: from where it starts, so that it is neither ahead nor behind on its first day.
 * Rules: computation 4.
 */
final readonly class CarriedMeasure
{
    /**
     * @param ?string $reading that it takes along, dated today
     */
    private function __construct(
        public MeasureKind $kind,
        public ?string $start,
        public ?string $target,
        public ?string $reading = null,
    ) {
    }

    /**
     * A number starts at its latest reading, a count has what is missing as its target; a part of either is judged by its work.
     *
     * @param Figure $figure of the goal on the day
     * @param bool $isPart whether the goal is split
     *
     * @throws RefusedChange when nothing is missing
     */
    public static function of(Goal $goal, Figure $figure, bool $isPart): self
    {
        $start = $goal->start_value === null ? null : (string) $goal->start_value;
        $target = $goal->target_value === null ? null : (string) $goal->target_value;
        $reading = $figure->reading?->value;

        if (! $isPart && $figure->isComplete($goal->measure)) {
            throw new RefusedChange('rest', ClosingOffer::COMPLETE);
        }

        return match (true) {
            $isPart && in_array($goal->measure, [MeasureKind::Number, MeasureKind::Count], true) => new self(
                MeasureKind::Work,
                null,
                null,
            ),
            $goal->measure === MeasureKind::Number && $reading !== null => new self(
                kind: $goal->measure,
                start: Decimal::of($reading->rounded()),
                target: $target,
                reading: Decimal::of($reading->rounded()),
            ),
            $goal->measure === MeasureKind::Count => new self(
                $goal->measure,
                null,
                Decimal::of(Fraction::parse((string) $target)->minus(Fraction::of($figure->counted ?? 0))->rounded()),
            ),
            default => new self($goal->measure, $start, $target),
        };
    }
}
