<?php

declare(strict_types=1);

use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Calendar\Span;
use Loftrin\Core\Meetings\LikelyGoal;
use Loftrin\Core\Meetings\Timetable;
use Loftrin\Core\Meetings\TimetableMeeting;
use Loftrin\Core\Meetings\TimetableRule;

function timetable(array $rules, string $keptIn = 'Europe/Copenhagen', string $readIn = 'Europe/Copenhagen'): Timetable
{
    return new Timetable($rules, new DateTimeZone($keptIn), new DateTimeZone($readIn));
}

/** @return list<string> "2027-02-08 09:15" */
function meetingsOf(Timetable $timetable, string $first, string $last): array
{
    $within = new Span(Day::of($first), Day::of($last));

    return array_map(
        static fn(TimetableMeeting $meeting): string => "$meeting->on $meeting->time",
        iterator_to_array($timetable->each($within), false),
    );
}

$mondays = static fn(?string $until = null, string $time = '09:15', string $starts = '2027-01-04'): TimetableRule => new TimetableRule(
    'FREQ=WEEKLY;BYDAY=MO',
    Day::of($starts),
    $time,
    30,
    $until === null ? null : Day::of($until),
);

it('goes by one rule until its last day, then by the next', function () use ($mondays): void {
    $thursdays = new TimetableRule('FREQ=WEEKLY;INTERVAL=2;BYDAY=TH', Day::of('2027-02-09'), '14:00', 45);
    $timetable = timetable([$mondays('2027-02-08'), $thursdays]);

    expect(meetingsOf($timetable, '2027-02-01', '2027-03-01'))
        ->toBe(['2027-02-01 09:15', '2027-02-08 09:15', '2027-02-11 14:00', '2027-02-25 14:00'])
        ->and(meetingsOf($timetable, '2027-03-02', '2027-03-10'))
        ->toBe([])
        ->and($timetable->ruleOn(Day::of('2027-02-08'))->minutes)
        ->toBe(30)
        ->and($timetable->ruleOn(Day::of('2027-02-09'))->minutes)
        ->toBe(45)
        ->and($timetable->at(Day::of('2027-02-08'))?->time)
        ->toBe('09:15')
        ->and($timetable->at(Day::of('2027-02-15')))
        ->toBeNull();
});

it('stays at its time on the wall of its own zone, across the changes of both clocks', function () use ($mondays): void {
    // New York goes over to summer time on 14 March, Copenhagen on 28 March: for two weeks they are five hours apart.
    $timetable = timetable([$mondays()], 'America/New_York');

    expect(meetingsOf($timetable, '2027-03-08', '2027-03-30'))->toBe([
        '2027-03-08 15:15',
        '2027-03-15 14:15',
        '2027-03-22 14:15',
        '2027-03-29 15:15',
    ]);
});

it('can be on another day where it is read, and is found by the day of its rule', function () use ($mondays): void {
    $timetable = timetable([$mondays(time: '08:00')], 'Pacific/Auckland');

    expect(meetingsOf($timetable, '2027-02-07', '2027-02-07'))
        ->toBe(['2027-02-07 20:00'])
        ->and(meetingsOf($timetable, '2027-02-08', '2027-02-08'))
        ->toBe([])
        ->and((string) $timetable->at(Day::of('2027-02-08'))?->on)
        ->toBe('2027-02-07');
});

it('gives every meeting of a span once, however the span is cut', function () use ($mondays): void {
    foreach (['Pacific/Auckland', 'America/Los_Angeles', 'Europe/Copenhagen', 'Asia/Kolkata'] as $zone) {
        $timetable = timetable(
            [$mondays('2027-03-20', '23:30'), new TimetableRule('FREQ=DAILY;INTERVAL=3', Day::of('2027-03-21'), '00:15', 20)],
            $zone,
        );
        $cut = [];

        for ($day = Day::of('2027-01-01'); ! $day->isAfter(Day::of('2027-06-30')); $day = $day->plus(1)) {
            $cut = [...$cut, ...meetingsOf($timetable, (string) $day, (string) $day)];
        }

        expect($cut)->toBe(meetingsOf($timetable, '2027-01-01', '2027-06-30'))->and(count($cut))->toBeGreaterThan(40);
    }
});

it('has no meetings by a rule that cannot be worked out', function (): void {
    $timetable = timetable([new TimetableRule('FREQ=SECONDLY', Day::of('2027-01-04'), '09:00', 30)]);

    expect(meetingsOf($timetable, '2027-01-01', '2027-12-31'))->toBe([]);
});

it('proposes the goal that shares the most words, and none where two are as likely', function (string $issue, ?int $likely): void {
    $goals = [1 => 'Twelve harbours fitted with buoys', 2 => 'Recovery rate of buoys at 92%', 3 => 'Service calls answered in a day'];

    expect(LikelyGoal::of($issue, $goals))->toBe($likely);
})->with([
    ['Which harbour is fitted first?', 1],
    ['Buoy lost off Thyborøn', null],
    ['Recovery of the lost buoy', 2],
    ['RECOVERIES', 2],
    ['Who answers service calls in July?', 3],
    ['Who is in?', null],
    ['', null],
    ['????? 92%', null],
]);
