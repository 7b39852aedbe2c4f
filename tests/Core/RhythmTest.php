<?php

declare(strict_types=1);

use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Calendar\Rhythm;
use Loftrin\Core\Calendar\RhythmReader;
use Loftrin\Core\Calendar\Span;

/** @return list<string> */
function times(Rhythm $rhythm, string $from, string $to): array
{
    return array_map(strval(...), $rhythm->within(new Span(Day::of($from), Day::of($to)), Day::of($from)));
}

it('reads a rhythm in plain words', function (string $words, ?string $rule): void {
    expect((new RhythmReader())->read($words)->rule)->toBe($rule);
})->with([
    ['every day', 'FREQ=DAILY'],
    ['daily', 'FREQ=DAILY'],
    ['every other day', 'FREQ=DAILY;INTERVAL=2'],
    ['Every  10 days.', 'FREQ=DAILY;INTERVAL=10'],
    ['every working day', 'FREQ=WEEKLY;BYDAY=MO,TU,WE,TH,FR'],
    ['every three weeks', 'FREQ=WEEKLY;INTERVAL=3'],
    ['every Thursday', 'FREQ=WEEKLY;BYDAY=TH'],
    ['every second Thursday', 'FREQ=WEEKLY;INTERVAL=2;BYDAY=TH'],
    ['every Monday, Wednesday and Fridays', 'FREQ=WEEKLY;BYDAY=MO,WE,FR'],
    ['every 2 weeks on Monday', 'FREQ=WEEKLY;INTERVAL=2;BYDAY=MO'],
    ['every week on Monday', 'FREQ=WEEKLY;BYDAY=MO'],
    ['every month', 'FREQ=MONTHLY'],
    ['every quarter', 'FREQ=MONTHLY;INTERVAL=3'],
    ['yearly', 'FREQ=YEARLY'],
    ['every 15th', 'FREQ=MONTHLY;BYMONTHDAY=15'],
    ['every 31st', 'FREQ=MONTHLY;BYMONTHDAY=-1'],
    ['every 30th', 'FREQ=MONTHLY;BYMONTHDAY=28,29,30;BYSETPOS=-1'],
    ['the 29th of every month', 'FREQ=MONTHLY;BYMONTHDAY=28,29;BYSETPOS=-1'],
    ['every month on the 1st', 'FREQ=MONTHLY;BYMONTHDAY=1'],
    ['first Monday of the quarter', 'FREQ=YEARLY;BYMONTH=1,4,7,10;BYDAY=1MO'],
    ['last Friday of the month', 'FREQ=MONTHLY;BYDAY=-1FR'],
    ['the last working day of the quarter', 'FREQ=YEARLY;BYMONTH=3,6,9,12;BYDAY=MO,TU,WE,TH,FR;BYSETPOS=-1'],
    ['last day of the year', 'FREQ=YEARLY;BYMONTH=12;BYMONTHDAY=-1'],
    ['every 3 March', 'FREQ=YEARLY;BYMONTH=3;BYMONTHDAY=3'],
    ['every year on the 24th of December', 'FREQ=YEARLY;BYMONTH=12;BYMONTHDAY=24'],
    ['when needed', null],
    ['', null],
]);

it('counts quarters from the month in which the year begins', function (): void {
    expect((new RhythmReader(4))->read('first Monday of the quarter')->rule)
        ->toBe('FREQ=YEARLY;BYMONTH=1,4,7,10;BYDAY=1MO')
        ->and((new RhythmReader(2))->read('last day of the quarter')->rule)
        ->toBe('FREQ=YEARLY;BYMONTH=1,4,7,10;BYMONTHDAY=-1');
});

it('refuses what is no rhythm and says how to say one', function (string $words): void {
    (new RhythmReader())->read($words);
})
    ->with([
        'sometimes',
        'every blue moon',
        'every 32nd',
        'ninth Monday of the month',
        'every zero days',
        'some weeks after it is done',
        'every 3 Marchember',
    ])
    ->throws(InvalidArgumentException::class, 'every second Thursday');

it('comes when its words say', function (string $words, array $days): void {
    expect(times((new RhythmReader())->read($words), '2027-01-01', '2027-04-30'))->toBe($days);
})->with([
    ['every 31st', ['2027-01-31', '2027-02-28', '2027-03-31', '2027-04-30']],
    ['every 30th', ['2027-01-30', '2027-02-28', '2027-03-30', '2027-04-30']],
    ['first Monday of the quarter', ['2027-01-04', '2027-04-05']],
    ['last working day of the month', ['2027-01-29', '2027-02-26', '2027-03-31', '2027-04-30']],
    ['last day of the quarter', ['2027-03-31']],
]);

it('comes so long after it was done', function (string $words, string $done, string $next): void {
    $rhythm = (new RhythmReader())->read($words);
    expect((string) $rhythm->nextAfter(Day::of('2027-01-01'), Day::of($done), Day::of('2027-01-01')))
        ->toBe($next)
        ->and($rhythm->cameSince(Day::of('2027-01-01'), Day::of('2027-06-01'), Day::of('2027-01-01')))
        ->toBe([])
        ->and((string) $rhythm->firstFrom(Day::of('2026-12-01'), Day::of('2027-01-01')))
        ->toBe('2027-01-01');
})->with([
    ['three weeks after it is done', '2027-02-10', '2027-03-03'],
    ['10 days after it is done', '2027-02-25', '2027-03-07'],
    ['a month after it is done', '2027-01-31', '2027-02-28'],
    ['two months after it is done', '2027-12-31', '2028-02-29'],
    ['one year after it is done', '2028-02-29', '2029-02-28'],
]);

it('goes on after it was done early or late, and knows what passed by', function (): void {
    $rhythm = (new RhythmReader())->read('every Monday');
    $start = Day::of('2027-01-04');

    expect((string) $rhythm->nextAfter(Day::of('2027-02-15'), Day::of('2027-02-10'), $start))
        ->toBe('2027-02-22')
        ->and((string) $rhythm->nextAfter(Day::of('2027-02-08'), Day::of('2027-02-10'), $start))
        ->toBe('2027-02-15')
        ->and(array_map(strval(...), $rhythm->cameSince(Day::of('2027-01-25'), Day::of('2027-02-10'), $start)))
        ->toBe(['2027-02-01', '2027-02-08'])
        ->and((new Rhythm('when needed'))->nextAfter($start, $start, $start))
        ->toBeNull()
        ->and((new Rhythm('when needed'))->isWhenNeeded())
        ->toBeTrue();
});
