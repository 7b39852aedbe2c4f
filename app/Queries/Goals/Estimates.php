<?php

declare(strict_types=1);

namespace App\Queries\Goals;

use App\Models\Estimate;
use App\Models\Goal;
use App\Models\Person;
use App\Queries\Goals\Answers\EstimateView;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Fraction;
use Loftrin\Core\Goals\Calibration;
use Loftrin\Core\Goals\Estimate as CoreEstimate;
use Loftrin\Core\Goals\Forecast;
use Loftrin\Core\Goals\Result;

/** What owners said of their goals' chances, and how good that was. */
final readonly class Estimates
{
    /** So far apart, in points, the two are said to disagree. */
    private const APART = 20;

    public function of(Goal $goal, Person $viewer, Day $on, ?Forecast $forecast): EstimateView
    {
        $last = $goal->estimates()->where('on', '<=', (string) $on)->reorder('id', 'desc')->first();
        $judged = $this->judged($goal, $on);
        $computed = $forecast?->percent();
        $apart = $last === null || $computed === null ? 0 : $last->chance - $computed;

        return new EstimateView(
            who: $goal->owner->name,
            chance: $last?->chance,
            on: $last?->on,
            line: $last?->line,
            isMine: $goal->owner_id === $viewer->id,
            disagree: match (true) {
                $apart >= self::APART => "The estimate of {$goal->owner->name} is $apart points above the forecast.",
                $apart <= -self::APART => 'The estimate is '.-$apart.' points below the forecast.',
                default => null,
            },
            owner: self::words(
                "The estimates of {$goal->owner->name} were",
                self::calibration($judged->where('person_id', $goal->owner_id), 'chance'),
            ),
            computed: self::words('The forecasts were', self::calibration($judged, 'computed')),
        );
    }

    /** @return Collection<int, Estimate> of closed goals that everybody may see, so that all read the same of each other */
    private function judged(Goal $goal, Day $on): Collection
    {
        return Estimate::query()
            ->where(static fn(Builder $either) => $either->whereNotNull('computed')->orWhere('person_id', $goal->owner_id))
            ->whereHas(
                'goal',
                static fn($closed) => $closed->openToAll()->whereNotNull('closed_on')->where('closed_on', '<=', (string) $on),
            )
            ->with('goal:id,result')
            ->orderBy('id')
            ->get();
    }

    /**
     * @param Collection<int, Estimate> $estimates
     * @param 'chance'|'computed' $column
     */
    private static function calibration(Collection $estimates, string $column): ?Calibration
    {
        $said = $estimates->whereNotNull($column);

        return Calibration::of(
            array_values(
                $said
                    ->map(
                        static fn(Estimate $estimate): CoreEstimate => new CoreEstimate(
                            (string) $estimate->goal_id,
                            Fraction::of((int) $estimate->$column, 100),
                        ),
                    )
                    ->all(),
            ),
            $said
                ->mapWithKeys(
                    static fn(Estimate $estimate): array => [(string) $estimate->goal_id => $estimate->goal->result ?? Result::Stopped],
                )
                ->all(),
        );
    }

    private static function words(string $who, ?Calibration $calibration): ?string
    {
        if ($calibration === null) {
            return null;
        }

        $points = abs($calibration->bias->percent());
        $how = match (true) {
            $points < 3 => 'well calibrated',
            $calibration->bias->isPositive() => "$points points too high",
            default => "$points points too low",
        };

        return "$who $how over $calibration->goals closed goals (Brier score ".number_format($calibration->brier->rounded(2), 2).').';
    }
}
