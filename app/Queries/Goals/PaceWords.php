<?php

declare(strict_types=1);

namespace App\Queries\Goals;

use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Fraction;
use Loftrin\Core\Goals\Band;
use Loftrin\Core\Goals\Figure;
use Loftrin\Core\Goals\Forecast;
use Loftrin\Core\Goals\Goal;
use Loftrin\Core\Goals\Measure\Judged;
use Loftrin\Core\Goals\Measure\Keep;
use Loftrin\Core\Goals\Pace;
use Loftrin\Core\Goals\Stretch;

/** What is expected, what is missing and how it will end, in sentences: the rules of computation 5 and 6 with their numbers. */
final readonly class PaceWords
{
    /** @return list<string> */
    public static function expected(Goal $goal, Pace $pace, Day $on): array
    {
        $seen = $goal->closingOn($on)->on ?? $on;
        $span = $goal->period->span;
        $stretch = $pace->stretch($goal, $seen);

        return match (true) {
            $goal->measure instanceof Judged => ['A goal judged in words has no pace.'],
            $goal->measure instanceof Keep => ["It should hold in {$goal->measure->share->percent()}% of the readings on any day."],
            $stretch === null => ['All or nothing: nothing is expected before the last day has ended.'],
            ! $seen->isAfter($span->first) => ['The period has only just begun: 0%.'],
            $seen->isAfter($span->last) => ['The period has ended: 100%.'],
            default => [
                "$stretch->now of $stretch->total working days have passed; today itself does not count.",
                self::along($stretch),
            ],
        };
    }

    private static function along(Stretch $stretch): string
    {
        $expected = self::points($stretch->expected());

        if ($stretch->fromDays === 0 && $stretch->toDays === $stretch->total) {
            return "$stretch->now ÷ $stretch->total = $expected%.";
        }

        return sprintf(
            'From %s%% at working day %d to %s%% at working day %d, as its checkpoints say: %s%%.',
            self::points($stretch->from),
            $stretch->fromDays,
            self::points($stretch->to),
            $stretch->toDays,
            $expected,
        );
    }

    public static function gap(Figure $figure, bool $isWeek): ?string
    {
        if ($figure->progress === null || $figure->expected === null) {
            return null;
        }

        [$near, $far] = $isWeek ? ['20', '50'] : ['10', '25'];

        return sprintf(
            '%s − %s = %s points',
            self::points($figure->progress),
            self::points($figure->expected),
            self::signed(self::shownGap($figure->progress, $figure->expected)),
        ).
            match ($figure->band) {
                Band::Ahead => ": ahead, which is $near points or more above the pace.",
                Band::OnPace => ': on pace.',
                Band::Behind => ": behind, which is up to $far points below the pace.",
                Band::FarBehind => ": far behind, which is more than $far points below the pace, or out of the limit by more than 10.",
                Band::Reached => ': reached, all the same.',
                default => '.',
            };
    }

    /** @return list<string> */
    public static function forecast(Forecast $forecast, Day $on): array
    {
        if ($forecast->remaining <= 0) {
            return ['The target has been reached.'];
        }

        $added = implode(
            ', ',
            array_map(static fn(int $thousandths): string => self::signed(Fraction::of($thousandths, 1000)), $forecast->increments),
        );
        $weeks = ForecastWords::weeks(...);
        $chance = ForecastWords::chance($forecast);

        return [
            "The last {$weeks(count($forecast->increments))} added $added points.",
            self::points(Fraction::of($forecast->remaining, 1000))." points remain, with {$weeks($forecast->weeksLeft)} left.",
            "Each week ahead is assumed to add one of these amounts, all equally likely. The chance of finishing on time is $chance.",
            match (true) {
                $forecast->likelyOn === null => 'At this rate it will not be reached within two years.',
                $forecast->safeOn === null => 'Likely by '.ForecastWords::date($forecast->likelyOn, $on).'.',
                default => 'Likely by '.
                    ForecastWords::date($forecast->likelyOn, $on).
                    ', almost certain by '.
                    ForecastWords::date($forecast->safeOn, $on).
                    '.',
            },
        ];
    }

    private static function points(Fraction $value): string
    {
        return number_format($value->times(Fraction::of(100))->rounded(1), 1);
    }

    private static function signed(Fraction $value): string
    {
        $points = $value->times(Fraction::of(100))->rounded(1);

        return ($points < 0 ? '−' : '+').number_format(abs($points), 1);
    }

    /** The difference of the two as they are shown beside it. */
    private static function shownGap(Fraction $progress, Fraction $expected): Fraction
    {
        $tenths = static fn(Fraction $value): int => (int) round($value->times(Fraction::of(100))->rounded(1) * 10);

        return Fraction::of($tenths($progress) - $tenths($expected), 1000);
    }
}
