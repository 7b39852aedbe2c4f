<?php

declare(strict_types=1);

namespace App\Queries\Goals;

use App\Queries\Parts\Answers\Gauge;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Goals\Forecast;

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

        $pace = self::points($forecast->averageIncrement());
        $pace = $pace === '1' ? '1 point' : "$pace points";
        $leads = match (true) {
            $forecast->averageIncrement() <= 0 => 'it has not moved in the last '.self::weeks(count($forecast->increments)),
            $forecast->likelyOn === null => "at $pace a week it will not be reached within two years",
            default => "at $pace a week it will be reached about ".self::date($forecast->likelyOn, $on),
        };
        $needed = $forecast->neededIncrement();
        $needs = match (true) {
            $needed === null => '; no week is left',
            $needed <= $forecast->averageIncrement() => '',
            default => '; '.self::points($needed).' a week would make it',
        };

        return ucfirst($gauge->standing)."; $leads$needs.";
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

    private static function points(float $thousandths): string
    {
        return (string) preg_replace('/\.0$/', '', number_format($thousandths / 10, 1));
    }
}
