<?php

declare(strict_types=1);

use Loftrin\Core\Fraction;
use Loftrin\Core\Goals\Calibration;
use Loftrin\Core\Goals\Estimate;
use Loftrin\Core\Goals\Result;

/** @param list<array{string, int}> $said */
$estimates = fn(array $said): array => array_map(fn(array $one): Estimate => new Estimate($one[0], Fraction::of($one[1], 100)), $said);
$results = [
    'a' => Result::Met,
    'b' => Result::Met,
    'c' => Result::InPart,
    'd' => Result::NotMet,
    'e' => Result::Met,
    'x' => Result::Stopped,
];

it('is the mean distance from what became of the goals, and its square', function () use ($estimates, $results): void {
    $calibration = Calibration::of($estimates([['a', 80], ['b', 100], ['c', 70], ['d', 50], ['e', 90]]), $results);

    // Off by −0.2, 0, +0.7, +0.5, −0.1.
    expect($calibration?->bias->rounded())
        ->toBe(0.18)
        ->and($calibration?->brier->rounded())
        ->toBe(0.158)
        ->and($calibration?->goals)
        ->toBe(5);
});

it('says nothing before five closed goals', function () use ($estimates, $results): void {
    expect(Calibration::of($estimates([['a', 80], ['b', 100], ['c', 70], ['d', 50], ['d', 40], ['d', 30]]), $results))->toBeNull();
});

it('leaves out what was dropped and what is open', function () use ($estimates, $results): void {
    $five = [['a', 80], ['b', 100], ['c', 70], ['d', 50], ['e', 90]];

    expect(Calibration::of($estimates([...$five, ['x', 100], ['open', 0]]), $results))
        ->toEqual(Calibration::of($estimates($five), $results))
        ->and(Calibration::of($estimates([['a', 80], ['b', 100], ['c', 70], ['d', 50], ['x', 90]]), $results))
        ->toBeNull();
});

it('counts each estimate of a goal that has several', function () use ($estimates, $results): void {
    $calibration = Calibration::of($estimates([['a', 100], ['b', 100], ['c', 0], ['d', 0], ['e', 40], ['e', 100]]), $results);

    expect($calibration?->bias->rounded())
        ->toBe(-0.1)
        ->and($calibration?->goals)
        ->toBe(5);
});

it('refuses a chance above one', function (): void {
    new Estimate('a', Fraction::of(101, 100));
})->throws(InvalidArgumentException::class, 'chance must be between 0 and 1');
