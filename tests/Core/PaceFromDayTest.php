<?php

declare(strict_types=1);

use Loftrin\Core\Calendar\Calendar;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Goals\MeasureKind;
use Loftrin\Core\Goals\PaceFromDay;

it('counts what begins within its period from the day before', function (string $begins, ?string $checkpoint, bool $isProposed): void {
    $calendar = new Calendar();
    $quarter = $calendar->period('2027-Q1');
    $day = PaceFromDay::checkpoint($quarter, Day::of($begins));

    expect($day === null ? null : (string) $day)
        ->toBe($checkpoint)
        ->and(PaceFromDay::isProposed($calendar, $quarter, Day::of($begins)))
        ->toBe($isProposed);
})->with([
    'before it begins' => ['2026-12-20', null, false],
    'on its first day' => ['2027-01-01', null, false],
    'within its first tenth' => ['2027-01-08', '2027-01-07', false],
    'after its first tenth' => ['2027-01-13', '2027-01-12', true],
    'on its last day' => ['2027-03-31', '2027-03-30', true],
    'once it is over' => ['2027-04-01', null, false],
]);

it('is for what grows from day to day', function (): void {
    $growing = array_filter(MeasureKind::cases(), PaceFromDay::grows(...));

    expect(array_values($growing))->toBe([MeasureKind::Work, MeasureKind::Number, MeasureKind::Count]);
});
