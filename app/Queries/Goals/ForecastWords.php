<?php

declare(strict_types=1);

namespace App\Queries\Goals;

use App\Queries\Parts\Amount;
use App\Queries\Parts\Answers\Gauge;
use App\Queries\Parts\Answers\OwnTerms;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Fraction;
use Loftrin\Core\Goals\Forecast;
use Loftrin\Core\Goals\MeasureKind;

/** A forecast in words, by computation 6: with the pace in one sentence, so that the two never seem to contradict each other. */
final readonly class ForecastWords
{
    /**
     * Where it is, what it moves a week, where that leads, and what it would need a week.
     *
     * @param Day $on as of which it is told
     */
    public static function sentence(Forecast $forecast, Gauge $gauge, Day $on): string
    {
        if ($forecast->remaining <= 0) {
            return 'The target has been reached.';
        }

        $pace = self::amount($forecast->averageIncrement(), $gauge->own);
        $leads = match (true) {
            $forecast->averageIncrement() <= 0 => 'it has not moved in the last '.self::weeks(count($forecast->increments)),
            $forecast->likelyOn === null => "at $pace a week it will not be reached within two years",
            default => "at $pace a week it will be reached about ".self::date($forecast->likelyOn, $on),
        };
        $needed = $forecast->neededIncrement();
        $needs = match (true) {
            $needed === null => '; no week is left',
            $needed <= $forecast->averageIncrement() => '',
            default => '; '.($gauge->own === null ? self::points($needed) : self::amount($needed, $gauge->own)).' a week would make it',
        };

        return ucfirst($gauge->standing)."; $leads$needs.";
    }

    /** Why there is no forecast; null where there is one. Rules: computation 6. */
    public static function none(MeasureKind $measure, bool $isClosed, ?Forecast $forecast): ?string
    {
        return match (true) {
            $forecast !== null => null,
            $isClosed => 'No forecast: the goal is closed.',
            $measure === MeasureKind::Keep => 'No forecast: a limit is kept or not, from reading to reading.',
            $measure === MeasureKind::YesNo => 'No forecast: a yes or no does not move from week to week.',
            $measure === MeasureKind::Judged => 'No forecast: the goal is judged in words.',
            default => 'No forecast: not enough data yet. Three weeks with a figure at the start and at the end are needed.',
        };
    }

    /** How much the work itself grew in those weeks: null when it hardly did. */
    public static function growth(Forecast $forecast): ?string
    {
        $percent = $forecast->grew?->percent() ?? 0;

        return $percent < 1 ? null : "$percent% of the work was added after the first of these weeks.";
    }

    /** "in 7 of 10 endings" as a figure: nothing that is still open is certain, or ruled out. */
    public static function chance(Forecast $forecast): string
    {
        return match (true) {
            $forecast->remaining <= 0 => '100%',
            $forecast->chance < 0.01 => 'below 1%',
            $forecast->chance > 0.99 => 'above 99%',
            default => $forecast->percent().'%',
        };
    }

    /** "1 week", "8 weeks". */
    public static function weeks(int $count): string
    {
        return $count === 1 ? '1 week' : "$count weeks";
    }

    /** "10 Jan", with its year where that is another one. */
    public static function date(Day $day, Day $on): string
    {
        return $day->format($day->year() === $on->year() ? 'j M' : 'j M Y');
    }

    /** What the recent weeks added, oldest first: "0, 2, 1 harbours"; null where there is none yet. */
    public static function weekByWeek(Forecast $forecast, ?OwnTerms $own): ?string
    {
        return $forecast->increments === [] ? null : self::amounts($forecast->increments, $own);
    }

    /** What a week adds, in the measure's own terms; in points where it is a share. */
    private static function amount(float $thousandths, ?OwnTerms $own): string
    {
        return self::amounts([$thousandths], $own);
    }

    /** @param non-empty-list<float|int> $thousandths */
    private static function amounts(array $thousandths, ?OwnTerms $own): string
    {
        if ($own !== null) {
            $share = static fn(float|int $one): Fraction => Fraction::of((int) round($one * 100), 100_000);

            return $own->parts(array_map($share, $thousandths));
        }

        $points = implode(', ', array_map(self::points(...), $thousandths));

        return $points === '1' ? '1 point' : "$points points";
    }

    private static function points(float|int $thousandths): string
    {
        $plain = Amount::plain(abs($thousandths) / 10, 1);

        return ($thousandths < 0 && $plain !== '0' ? '−' : '').$plain;
    }
}
