<?php

declare(strict_types=1);

use Loftrin\Core\Calendar\Calendar;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Calendar\Horizon;
use Loftrin\Core\Fraction;
use Loftrin\Core\Goals\Band;
use Loftrin\Core\Goals\Checkpoint;
use Loftrin\Core\Goals\Checkpoints;
use Loftrin\Core\Goals\Goal;
use Loftrin\Core\Goals\Measure;
use Loftrin\Core\Goals\Pace;

function expectedOn(Calendar $calendar, string $period, string $on, array $points = [], Measure $measure = new Measure\Work()): ?float
{
    $span = $calendar->period($period);
    $checkpoints = array_map(
        static fn(array $point): Checkpoint => new Checkpoint(Day::of($point[0]), Fraction::parse($point[1])),
        $points,
    );
    $goal = new Goal('g', 'g', $span, $measure, checkpoints: Checkpoints::in($span, $checkpoints));

    return (new Pace($calendar))->ofGoal($goal, Day::of($on))?->rounded();
}

it('does not hold the day itself against anyone', function (): void {
    $calendar = new Calendar();

    expect(expectedOn($calendar, '2027-W05', '2027-01-31'))
        ->toBe(0.0)
        ->and(expectedOn($calendar, '2027-W05', '2027-02-01'))
        ->toBe(0.0)
        ->and(expectedOn($calendar, '2027-W05', '2027-02-02'))
        ->toBe(0.2)
        ->and(expectedOn($calendar, '2027-W05', '2027-02-06'))
        ->toBe(1.0)
        ->and(expectedOn($calendar, '2027-W05', '2027-02-08'))
        ->toBe(1.0);
});

it('counts calendar days in a period with no working day', function (): void {
    $calendar = new Calendar(holidays: array_map(static fn(int $day): Day => Day::of("2027-02-0$day"), range(1, 5)));

    expect(expectedOn($calendar, '2027-W05', '2027-02-02'))
        ->toBe(round(1 / 7, 4))
        ->and(expectedOn($calendar, '2027-W05', '2027-02-07'))
        ->toBe(round(6 / 7, 4));
});

it('goes straight from checkpoint to checkpoint in working days', function (): void {
    $points = [['2027-02-02', '0.5'], ['2027-02-04', '0.6']];
    $calendar = new Calendar();

    expect(expectedOn($calendar, '2027-W05', '2027-02-02', $points))
        ->toBe(0.25)
        ->and(expectedOn($calendar, '2027-W05', '2027-02-03', $points))
        ->toBe(0.5)
        ->and(expectedOn($calendar, '2027-W05', '2027-02-04', $points))
        ->toBe(0.55)
        ->and(expectedOn($calendar, '2027-W05', '2027-02-05', $points))
        ->toBe(0.6)
        ->and(expectedOn($calendar, '2027-W05', '2027-02-06', $points))
        ->toBe(1.0);
});

it('lets the last of several points at one count of working days hold', function (): void {
    $points = [['2027-02-05', '0.5'], ['2027-02-06', '0.7'], ['2027-02-07', '0.8']];

    expect(expectedOn(new Calendar(), '2027-02', '2027-02-08', $points))->toBe(0.8);
});

it('lets a checkpoint before the first working day hold from then on', function (): void {
    $calendar = new Calendar(holidays: [Day::of('2027-02-01')]);

    expect(expectedOn($calendar, '2027-W05', '2027-02-01', [['2027-02-01', '0.3']]))
        ->toBe(0.0)
        ->and(expectedOn($calendar, '2027-W05', '2027-02-02', [['2027-02-01', '0.3']]))
        ->toBe(0.3);
});

it('expects all or nothing of yes or no, unless it has checkpoints', function (): void {
    $calendar = new Calendar();

    expect(expectedOn($calendar, '2027-W05', '2027-02-07', [], new Measure\YesNo()))
        ->toBe(0.0)
        ->and(expectedOn($calendar, '2027-W05', '2027-02-08', [], new Measure\YesNo()))
        ->toBe(1.0)
        ->and(expectedOn($calendar, '2027-W05', '2027-02-02', [['2027-02-01', '0.4']], new Measure\YesNo()))
        ->toBe(0.4)
        ->and(expectedOn($calendar, '2027-W05', '2027-02-02', [], new Measure\Judged()))
        ->toBeNull()
        ->and(expectedOn($calendar, '2027-W05', '2027-01-01', [], new Measure\Keep(Fraction::one(), share: Fraction::of(9, 10))))
        ->toBe(0.9);
});

it('refuses checkpoints that break a rule', function (array $points): void {
    expectedOn(new Calendar(), '2027-W05', '2027-02-02', $points);
})
    ->with([
        'outside the period' => [[['2027-02-08', '0.5']]],
        'above 1' => [[['2027-02-02', '1.1']]],
        'below 0' => [[['2027-02-02', '-0.1']]],
        'twice on a day' => [[['2027-02-02', '0.5'], ['2027-02-02', '0.6']]],
        'falling' => [[['2027-02-02', '0.5'], ['2027-02-03', '0.4']]],
    ])
    ->throws(InvalidArgumentException::class);

/** Progress in ten-thousandths against an expected of one half, so that the borders can be met exactly. */
it('puts each border into the band that it belongs to', function (
    int $progress,
    Band $band,
    ?Horizon $horizon = null,
    string $on = '2027-02-03',
): void {
    $span = (new Calendar())->period('2027-02')->span;

    expect(Band::at(Fraction::of($progress, 10000), Fraction::of(1, 2), $span, Day::of($on), $horizon))->toBe($band);
})->with([
    [6000, Band::Ahead],
    [5999, Band::OnPace],
    [4000, Band::OnPace],
    [3999, Band::Behind],
    [2500, Band::Behind],
    [2499, Band::FarBehind],
    [10000, Band::Reached],
    'a week is ahead from 20 points' => [7000, Band::Ahead, Horizon::Week],
    'a week is on pace up to 20 points' => [6999, Band::OnPace, Horizon::Week],
    [3000, Band::OnPace, Horizon::Week],
    [2999, Band::Behind, Horizon::Week],
    [0, Band::Behind, Horizon::Week],
    'over, within 25 points' => [2500, Band::Behind, null, '2027-03-01'],
    'over, further' => [2499, Band::FarBehind, null, '2027-03-01'],
    'over, and reached' => [10000, Band::Reached, null, '2027-03-01'],
    'the last day is not over' => [6000, Band::Ahead, null, '2027-02-28'],
    'before it begins, with something done' => [6000, Band::Ahead, null, '2027-01-31'],
    'before it begins' => [0, Band::NotBegun, null, '2027-01-31'],
]);

it('puts a week that was missed by more than half far behind', function (): void {
    $span = (new Calendar())->period('2027-W05')->span;
    $at = static fn(int $progress): Band => Band::at(
        Fraction::of($progress, 100),
        Fraction::one(),
        $span,
        Day::of('2027-02-08'),
        Horizon::Week,
    );

    expect($at(50))->toBe(Band::Behind)->and($at(49))->toBe(Band::FarBehind);
});

it('knows when there is nothing to measure', function (): void {
    $span = (new Calendar())->period('2027-02')->span;

    expect(Band::at(null, Fraction::zero(), $span, Day::of('2027-01-31')))
        ->toBe(Band::NotBegun)
        ->and(Band::at(null, Fraction::zero(), $span, Day::of('2027-02-01')))
        ->toBe(Band::Unmeasured)
        ->and(Band::at(null, null, $span, Day::of('2027-02-01')))
        ->toBe(Band::Unmeasured);
});

it('judges a limit to keep by its own borders', function (?int $progress, Band $band, string $on = '2027-02-03'): void {
    $span = (new Calendar())->period('2027-02')->span;
    $kept = $progress === null ? null : Fraction::of($progress, 1000);

    expect(Band::ofKept($kept, Fraction::of(4, 5), $span, Day::of($on)))->toBe($band);
})->with([
    [800, Band::OnPace],
    [799, Band::Behind],
    [700, Band::Behind],
    [699, Band::FarBehind],
    [1000, Band::OnPace],
    [800, Band::Reached, '2027-03-01'],
    [799, Band::Behind, '2027-03-01'],
    [null, Band::Unmeasured],
    [null, Band::NotBegun, '2027-01-31'],
    [0, Band::NotBegun, '2027-01-31'],
]);
