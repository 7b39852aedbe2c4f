<?php

declare(strict_types=1);

use Loftrin\Core\Calendar\Calendar;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Fraction;
use Loftrin\Core\Goals\Closing;
use Loftrin\Core\Goals\Goal;
use Loftrin\Core\Goals\Measure;
use Loftrin\Core\Goals\Plan;
use Loftrin\Core\Goals\Readiness;
use Loftrin\Core\Goals\Reading;
use Loftrin\Core\Goals\Result;
use Loftrin\Core\Goals\Rollup;
use Loftrin\Core\Goals\Sense;
use Loftrin\Core\Work\Lifetime;
use Loftrin\Core\Work\TalliesOfTasks;
use Loftrin\Core\Work\Task;

/** @param list<Task> $tasks */
$readiness = function (
    Measure $measure,
    array $tasks = [],
    array $readings = [],
    ?Closing $closing = null,
    string $on = '2027-02-10',
    array $beneath = [],
): ?Readiness {
    $calendar = new Calendar();
    $goal = new Goal('g', 'g', $calendar->period('2027-Q1'), $measure, closing: $closing);
    $goals = ['g' => $goal];

    foreach ($beneath as $id => $result) {
        $goals[$id] = new Goal(
            $id,
            $id,
            $calendar->period('2027-W05'),
            new Measure\YesNo(),
            'g',
            closing: $result === null ? null : new Closing(Day::of('2027-02-08'), $result),
        );
    }

    $plan = new Plan($calendar, $goals, [], ['g' => $readings]);

    return Readiness::of($goal, new Rollup($plan, new TalliesOfTasks([], [], $tasks)), Day::of($on));
};
$task = fn(string $id, ?string $done): Task => new Task(
    $id,
    null,
    'g',
    life: new Lifetime(Day::of('2027-01-04'), $done === null ? null : Day::of($done)),
);

it('is ready when all of its work is done', function () use ($readiness, $task): void {
    $work = new Measure\Work(Fraction::one());

    expect($readiness($work, [$task('a', '2027-02-01'), $task('b', null)]))
        ->toBeNull()
        ->and($readiness($work, [$task('a', '2027-02-01'), $task('b', '2027-02-10')]))
        ->toBe(Readiness::Done)
        ->and($readiness($work))
        ->toBeNull();
});

it('is ready when its number is reached', function () use ($readiness): void {
    $number = new Measure\Number(Fraction::zero(), Fraction::of(10));

    expect($readiness($number, readings: [new Reading(Day::of('2027-02-01'), Fraction::of(9))]))
        ->toBeNull()
        ->and($readiness($number, readings: [new Reading(Day::of('2027-02-01'), Fraction::of(12))]))
        ->toBe(Readiness::Done);
});

it('is ready, yes or no, when what hangs beneath it is done', function () use ($readiness, $task): void {
    $yesNo = new Measure\YesNo();

    expect($readiness($yesNo))
        ->toBeNull()
        ->and($readiness($yesNo, [$task('a', '2027-02-01')]))
        ->toBe(Readiness::Done)
        ->and($readiness($yesNo, [$task('a', null)]))
        ->toBeNull()
        ->and($readiness($yesNo, beneath: ['x' => Result::Met, 'y' => Result::Stopped]))
        ->toBe(Readiness::Done)
        ->and($readiness($yesNo, beneath: ['x' => Result::Met, 'y' => null]))
        ->toBeNull();
});

it('is ready when its period is over, whatever it measured', function (Measure $measure) use ($readiness): void {
    expect($readiness($measure, on: '2027-03-31'))->toBeNull()->and($readiness($measure, on: '2027-04-01'))->toBe(Readiness::Over);
})->with(
    fn() => [
        [new Measure\Judged()],
        [new Measure\Keep(Fraction::one(), Sense::AtMost, Fraction::one())],
        [new Measure\Work(Fraction::one())],
    ],
);

it('is not ready once it is closed', function () use ($readiness): void {
    $closing = new Closing(Day::of('2027-02-05'), Result::Met);

    expect($readiness(new Measure\YesNo(), closing: $closing, on: '2027-05-01'))
        ->toBeNull()
        ->and($readiness(new Measure\YesNo(), closing: $closing, on: '2027-02-04'))
        ->toBeNull();
});
