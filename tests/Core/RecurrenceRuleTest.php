<?php

declare(strict_types=1);

use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Calendar\Recurrence;
use Loftrin\Core\Calendar\RecurrenceRule;
use Loftrin\Core\Calendar\RhythmReader;
use Loftrin\Core\Calendar\Span;

it('takes no rule that may never come round, or oftener than daily', function (string $rule): void {
    expect(RecurrenceRule::fault($rule))->not->toBeNull()->and(Recurrence::tryOf($rule, Day::of('2027-01-04')))->toBeNull();
})->with([
    'FREQ=YEARLY;BYMONTH=2;BYMONTHDAY=30',
    'FREQ=YEARLY;BYMONTH=2;BYMONTHDAY=29',
    'FREQ=YEARLY;BYMONTH=4,6;BYMONTHDAY=31',
    'FREQ=YEARLY;BYWEEKNO=53;BYDAY=MO',
    'FREQ=SECONDLY',
    'FREQ=HOURLY',
    'FREQ=MINUTELY;INTERVAL=1440',
    'FREQ=DAILY;BYHOUR=9',
    'FREQ=DAILY;INTERVAL=0',
    'FREQ=DAILY;INTERVAL=99999',
    'FREQ=DAILY;INTERVAL=-1',
    'FREQ=DAILY;INTERVAL=14;BYDAY=MO',
    'FREQ=DAILY;BYMONTHDAY=1',
    'FREQ=DAILY;BYMONTH=2',
    'FREQ=WEEKLY;BYDAY=1MO',
    'FREQ=WEEKLY;BYDAY=XX',
    'FREQ=MONTHLY;BYDAY=6MO',
    'FREQ=MONTHLY;INTERVAL=12;BYMONTHDAY=30',
    'FREQ=MONTHLY;INTERVAL=12;BYDAY=5MO',
    'FREQ=MONTHLY;BYMONTHDAY=0',
    'FREQ=MONTHLY;BYMONTHDAY=32',
    'FREQ=MONTHLY;BYMONTHDAY=13;BYDAY=FR',
    'FREQ=MONTHLY;BYMONTHDAY=1;BYSETPOS=2',
    'FREQ=MONTHLY;BYSETPOS=1',
    'FREQ=MONTHLY;BYDAY=MO;BYSETPOS=5',
    'FREQ=YEARLY;BYDAY=MO',
    'FREQ=YEARLY;BYMONTHDAY=1',
    'FREQ=YEARLY;BYYEARDAY=366',
    'FREQ=YEARLY;BYMONTH=13',
    'FREQ=YEARLY;BYMONTH=2;BYDAY=5MO',
    'FREQ=YEARLY;INTERVAL=11',
    'FREQ=DAILY;COUNT=0',
    'FREQ=DAILY;UNTIL=never',
    'FREQ=DAILY;FREQ=DAILY',
    'FREQ=DAILY;',
    'freq=daily',
    '',
    'FREQ=DAILY;INTERVAL=1;INTERVAL=2',
    "FREQ=DAILY\n",
    'FREQ=DAILY;X=1',
]);

it('takes a first day within two years only', function (): void {
    expect(Recurrence::starting('FREQ=YEARLY;BYMONTH=3;BYMONTHDAY=3', Day::of('2027-03-04'))->nextFrom(Day::of('2027-03-05')))->toEqual(
        Day::of('2028-03-03'),
    );
    Recurrence::starting('FREQ=YEARLY;INTERVAL=10;BYMONTH=3;BYMONTHDAY=3', Day::of('2027-03-04'));
})->throws(InvalidArgumentException::class, 'more than two years away');

it('means the last day of a month by a day that the month lacks', function (string $words, string $rule, string $first): void {
    expect((new RhythmReader())->read($words)->rule)
        ->toBe($rule)
        ->and((string) Recurrence::starting($rule, Day::of('2027-01-01'))->nextFrom(Day::of('2027-01-01')))
        ->toBe($first);
})->with([
    ['every 30th of February', 'FREQ=YEARLY;BYMONTH=2;BYMONTHDAY=28,29;BYSETPOS=-1', '2027-02-28'],
    ['every 31 April', 'FREQ=YEARLY;BYMONTH=4;BYMONTHDAY=-1', '2027-04-30'],
    ['every 31 March', 'FREQ=YEARLY;BYMONTH=3;BYMONTHDAY=31', '2027-03-31'],
]);

it('finds a first day of every rule that it takes, from any first day', function (): void {
    mt_srand(11);
    $pick = static fn(array $of): string => $of[mt_rand(0, count($of) - 1)];
    $taken = 0;

    for ($try = 0; $try < 3000; $try++) {
        $freq = $pick(['DAILY', 'WEEKLY', 'MONTHLY', 'YEARLY']);
        $rule = implode(
            ';',
            array_filter([
                "FREQ=$freq",
                $pick(['', '', 'INTERVAL='.mt_rand(1, 13)]),
                $pick(['', 'BYMONTH='.mt_rand(1, 12), 'BYMONTH=2,11']),
                $pick([
                    '',
                    'BYDAY=MO',
                    'BYDAY=TU,SU',
                    'BYDAY='.mt_rand(-5, 5).'WE',
                    'BYMONTHDAY='.mt_rand(-31, 31),
                    'BYMONTHDAY=28,29,30',
                    'BYMONTHDAY=-30,31',
                ]),
                $pick(['', '', 'BYSETPOS='.mt_rand(-5, 5)]),
            ]),
        );
        $start = Day::of('2027-01-01')->plus(mt_rand(0, 1500));
        $recurrence = Recurrence::tryOf($rule, $start);

        if ($recurrence === null) {
            continue;
        }

        $taken++;
        // Thirteen years: ten of the longest interval, and the leap years between.
        expect($recurrence->each(new Span($start, $start->plus(13 * 366)))->current())->toBeInstanceOf(Day::class, "$rule from $start");
    }

    expect($taken)->toBeGreaterThan(400);
});
