<?php

declare(strict_types=1);

namespace App\Queries\Parts\Answers;

use App\Models\Goal;
use App\Queries\Parts\Address;
use App\Queries\Parts\Amount;
use App\Queries\Plan\ListedGoal;
use App\Queries\Props;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Fraction;
use Loftrin\Core\Goals\Band;
use Loftrin\Core\Goals\Figure;
use Loftrin\Core\Goals\Forecast;
use Loftrin\Core\Goals\MeasureKind;

/** A figure as it is shown: in the measure's own terms, then against its pace. */
final readonly class Gauge implements Props
{
    /**
     * @param ?float $progress per cent, one decimal
     * @param ?float $expected per cent, one decimal
     * @param string $terms in the measure's own terms: "25 of 40"
     * @param string $standing "16 points behind", "on pace", "met"
     * @param string $spoken the whole, for who listens
     * @param ?float $low the forecast's central four fifths, per cent
     * @param ?string $why where its explanation is to be had
     * @param ?OwnTerms $own of a number or a count, whose shares are so many of its own
     * @param ?Day $dueOn of a goal that is all or nothing, and has no gauge
     */
    public function __construct(
        public ?float $progress,
        public ?float $expected,
        public Band $band,
        public string $terms,
        public string $standing,
        public string $spoken,
        public ?float $low = null,
        public ?float $high = null,
        public ?Day $dueOn = null,
        public ?string $why = null,
        public ?OwnTerms $own = null,
    ) {
    }

    /** @param Day $on as of which the figure is */
    public static function ofGoal(Goal|ListedGoal $goal, Figure $figure, Day $on, ?Forecast $forecast = null): self
    {
        $terms = self::terms($goal, $figure);
        $own = OwnTerms::of($goal);
        $standing = self::standing($figure, $own);

        return new self(
            $figure->progress?->times(Fraction::of(100))->rounded(1),
            $figure->expected?->times(Fraction::of(100))->rounded(1),
            $figure->band,
            $terms,
            $standing,
            self::spoken($figure, $standing),
            ...self::bracket($forecast),
            dueOn: $goal->measure === MeasureKind::YesNo && ! $figure->band->isResult() ? $goal->ends_on : null,
            why: Address::ofFigure('goals', $goal->id, $on),
            own: $own,
        );
    }

    public static function ofProject(int $project, ?Fraction $progress, ?Figure $figure, Day $on, ?Forecast $forecast = null): self
    {
        $terms = $progress === null ? 'no tasks yet' : $progress->percent().'%';
        $shown = $figure ?? new Figure($progress, null, Band::Unmeasured);
        $standing = $figure === null ? '' : self::standing($figure);

        return new self(
            $progress?->times(Fraction::of(100))->rounded(1),
            $figure?->expected?->times(Fraction::of(100))->rounded(1),
            $shown->band,
            $terms,
            $standing,
            self::spoken($shown, $standing === '' ? 'without a pace' : $standing),
            ...self::bracket($forecast),
            why: Address::ofFigure('projects', $project, $on),
        );
    }

    /** @return array{low: ?float, high: ?float} the forecast's central four fifths, per cent */
    private static function bracket(?Forecast $forecast): array
    {
        return [
            'low' => $forecast?->low === null ? null : $forecast->low / 10,
            'high' => $forecast?->high === null ? null : $forecast->high / 10,
        ];
    }

    /** A value with its unit: "€65,400", "3.9%", "12". */
    public static function amount(Fraction $value, ?string $unit): string
    {
        return Amount::with(Amount::plain($value->rounded(2), 2), $unit);
    }

    private static function terms(Goal|ListedGoal $goal, Figure $figure): string
    {
        return match ($goal->measure) {
            MeasureKind::Work => $figure->progress === null ? '' : $figure->progress->percent().'%',
            MeasureKind::Number => $figure->reading === null ? 'no reading yet' : self::reached($goal, $figure->reading->value),
            MeasureKind::Count => ($figure->counted ?? 0).' of '.self::amount(Fraction::parse((string) $goal->target_value), $goal->unit),
            MeasureKind::Keep => $figure->progress === null ? 'no reading yet' : 'kept '.$figure->progress->percent().'%',
            MeasureKind::YesNo => $figure->band->isResult() ? '' : 'open',
            MeasureKind::Judged => 'judged in words',
        };
    }

    /** From nothing to a target: "25 of 40". Otherwise where the number stands. */
    private static function reached(Goal|ListedGoal $goal, Fraction $value): string
    {
        return Fraction::parse((string) $goal->start_value)->isZero()
            ? self::amount($value, null).' of '.self::amount(Fraction::parse((string) $goal->target_value), null)
            : self::amount($value, $goal->unit);
    }

    private static function standing(Figure $figure, ?OwnTerms $own = null): string
    {
        [$progress, $expected] = [$figure->progress ?? Fraction::zero(), $figure->expected ?? Fraction::zero()];
        // The gap that is shown is the difference of the two figures that are shown.
        $points = abs($progress->percent() - $expected->percent());
        $counted = $own?->between($progress, $expected) ?? ($points === 1 ? '1 point' : "$points points");

        return match ($figure->band) {
            Band::Ahead => "$counted ahead",
            Band::Behind, Band::FarBehind => "$counted behind",
            Band::OnPace => 'on pace',
            Band::NotBegun => 'not begun',
            Band::Unmeasured => 'not measured',
            Band::Reached => 'reached',
            Band::Met => 'met',
            Band::InPart => 'in part',
            Band::NotMet => 'not met',
            Band::Stopped => 'stopped',
        };
    }

    private static function spoken(Figure $figure, string $standing): string
    {
        return implode(', ', array_filter([
            $figure->progress === null ? null : $figure->progress->percent().' per cent',
            $figure->expected === null ? null : 'expected '.$figure->expected->percent(),
            $standing,
        ], static fn(?string $part): bool => $part !== null && $part !== ''));
    }
}
