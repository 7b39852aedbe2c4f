<?php

declare(strict_types=1);

use App\Models\Role;
use App\Queries\Goals\ForecastWords;
use App\Queries\Goals\PaceWords;
use App\Queries\Parts\Answers\Gauge;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Fraction;
use Loftrin\Core\Goals\Band;
use Loftrin\Core\Goals\Figure;
use Loftrin\Core\Goals\Forecast;
use Loftrin\Core\Goals\MeasureKind;
use Tests\Feature\Made;

/** A forecast told on 25 November 2026. */
function told(Forecast $forecast, string $standing = 'on pace'): string
{
    return ForecastWords::sentence(
        $forecast,
        new Gauge(progress: 50.0, expected: 50.0, band: Band::OnPace, terms: '50%', standing: $standing, spoken: ''),
        Day::of('2026-11-25'),
    );
}

it('joins pace and forecast in one sentence', function (): void {
    $late = new Forecast([60, 80], 0.2, Day::of('2027-01-10'), remaining: 420, weeksLeft: 5);

    expect(told($late))
        ->toBe('On pace; at 7 points a week it will be reached about 10 Jan 2027; 8.4 a week would make it.')
        ->and(told($late, '13 points behind'))
        ->toStartWith('13 points behind; at 7 points')
        ->and(told($late, '1 point ahead'))
        ->toStartWith('1 point ahead; ');
});

it('speaks in the terms of its measure, and tells percentage points from points', function (): void {
    Made::workspace();
    $noor = Made::person(Role::Lead, 'Noor Aksoy');
    $of = static function (string $unit, float $start, float $target) use ($noor): array {
        $goal = Made::goal($noor, '2027', [
            'measure' => MeasureKind::Number,
            'unit' => $unit,
            'start_value' => $start,
            'target_value' => $target,
        ]);
        $figure = new Figure(Fraction::of(1, 2), Fraction::of(3, 5), Band::Behind);
        $gauge = Gauge::ofGoal($goal, $figure, Day::of('2027-06-01'));
        $forecast = new Forecast([0, 100, 50], 0.2, Day::of('2027-12-10'), remaining: 500, weeksLeft: 5);

        return [$gauge->standing, ForecastWords::weekByWeek($forecast, $gauge->own), $gauge->spoken];
    };

    expect($of('harbours', 0, 40))
        ->toBe(['4 harbours behind', '0, 4, 2 harbours', '50 per cent, expected 60, 4 harbours behind'])
        ->and($of('€', 42000, 75000))
        ->toBe(['€3,300 behind', '€0, €3,300, €1,650', '50 per cent, expected 60, €3,300 behind'])
        ->and($of('%', 7.5, 3)[0])
        ->toBe('0.5 percentage points behind')
        ->and($of('%', 7.5, 3)[1])
        ->toBe('0, 0.45, 0.23 percentage points');
});

it('says what it would need only where that is more than it does', function (): void {
    expect(told(new Forecast([100, 100], 1.0, Day::of('2026-12-20'), remaining: 300, weeksLeft: 5)))->toBe(
        'On pace; at 10 points a week it will be reached about 20 Dec.',
    );
});

it('says when nothing moves, and when no week is left', function (): void {
    expect(told(new Forecast([0, 0, 0], 0.0, remaining: 500, weeksLeft: 5)))
        ->toBe('On pace; it has not moved in the last 3 weeks; 10 a week would make it.')
        ->and(told(new Forecast([10], 0.0, remaining: 900, weeksLeft: 0)))
        ->toBe('On pace; at 1 point a week it will not be reached within two years; no week is left.')
        ->and(told(new Forecast([], 1.0, remaining: 0)))
        ->toBe('The target has been reached.');
});

it('calls nothing certain that is open, and nothing ruled out', function (float $chance, int $remaining, string $words): void {
    expect(ForecastWords::chance(new Forecast([1], $chance, remaining: $remaining)))->toBe($words);
})->with([[0.0, 1, 'below 1%'], [0.009, 1, 'below 1%'], [0.01, 1, '1%'], [0.99, 1, '99%'], [0.999, 1, 'above 99%'], [1.0, 0, '100%']]);

it('says how much the work itself grew', function (): void {
    expect(ForecastWords::growth(new Forecast([1], 0.5, grew: Fraction::of(1, 8))))
        ->toBe('13% of the work was added after the first of these weeks.')
        ->and(ForecastWords::growth(new Forecast([1], 0.5, grew: Fraction::zero())))
        ->toBeNull();
});

it('shows as a gap the difference of the two figures shown', function (): void {
    $figure = new Figure(Fraction::of(5349, 10_000), Fraction::of(6551, 10_000), Band::FarBehind);

    expect(PaceWords::gap($figure, false))->toStartWith('53.5 − 65.5 = −12.0 points');
});
