<?php

declare(strict_types=1);

use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Calendar\Rhythm;
use Loftrin\Core\Calendar\RhythmReader;
use Loftrin\Core\Calendar\Span;
use Random\Engine\Mt19937;
use Random\Randomizer;

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

it('reads it as people also say it', function (string $words, string $rule): void {
    expect((new RhythmReader())->read($words)->rule)->toBe($rule);
})->with(static function (): iterable {
    foreach (file(__DIR__.'/rhythms.txt', FILE_IGNORE_NEW_LINES | FILE_SKIP_EMPTY_LINES) ?: [] as $line) {
        if (! str_starts_with($line, '#')) {
            yield explode(' => ', $line);
        }
    }
});

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
        'every Marchember',
        'every 29th and 30th',
        'every 5th and 29th',
        'every 0th and 5th',
        'every 0',
        'every 0 March',
        'every 32 March',
        'sixth Monday of the month',
        'sixth Monday of March',
        'first Monday of Marchember',
        'first fishday of March',
        'first fishday of the month',
        'every 1st and 1st',
        'first and ninth Monday of the month',
        'Monday',
        'twice',
        'end of the day',
        'fortnight',
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
    ['30 days after completion', '2027-02-10', '2027-03-12'],
    ['two weeks after finishing it', '2027-02-10', '2027-02-24'],
    ['a month after the last time', '2027-02-10', '2027-03-10'],
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

it('begins every so many weeks with its first day, so that none is skipped', function (string $words, string $given, array $first): void {
    $rhythm = (new RhythmReader())->read($words);
    $days = $rhythm->first(3, $rhythm->beginning(Day::of($given)));

    expect(array_map(strval(...), $days))->toBe($first);
})->with([
    // The 12th of February 2027 is a Friday.
    'set on the day after' => ['every second Thursday', '2027-02-12', ['2027-02-18', '2027-03-04', '2027-03-18']],
    'set on the day' => ['every second Thursday', '2027-02-11', ['2027-02-11', '2027-02-25', '2027-03-11']],
    'of two days, one is over' => ['every 2 weeks on Mon and Sat', '2027-02-12', ['2027-02-13', '2027-02-22', '2027-02-27']],
    'every week' => ['every Thursday', '2027-02-12', ['2027-02-18', '2027-02-25', '2027-03-04']],
    'every third month' => ['every three months', '2027-02-12', ['2027-02-12', '2027-05-12', '2027-08-12']],
    'after it is done' => ['two weeks after it is done', '2027-02-12', []],
    'when needed' => ['when needed', '2027-02-12', []],
]);

it('means the same by “each” and by “every”, in any letters, with a time of day and a full stop', function (): void {
    $random = new Randomizer(new Mt19937(11));
    $reader = new RhythmReader(4);
    $days = ['Monday', 'Tue', 'wednesday', 'Thu', 'Friday', 'Saturdays', 'Sun'];
    $counts = ['', 'second ', 'other ', '3 weeks on ', 'two weeks on '];

    for ($round = 0; $round < 300; $round++) {
        $day = $days[$random->getInt(0, 6)];
        $said = "every {$counts[$random->getInt(0, 4)]}$day";
        $rule = $reader->read($said)->rule;
        $also = match ($random->getInt(0, 4)) {
            0 => str_replace('every', 'each', $said),
            1 => strtoupper($said),
            2 => "$said morning",
            3 => "  $said. ",
            default => "$said in the afternoon",
        };

        expect($reader->read($also)->rule)->toBe($rule, $also);
    }
});

it('comes on days that its rule names, in order, none of them twice', function (string $words): void {
    $rhythm = (new RhythmReader(4))->read($words);

    foreach (['2026-12-30', '2027-02-28', '2028-02-29', '2027-03-28'] as $from) {
        $begins = $rhythm->beginning(Day::of($from));
        $days = array_map(static fn(Day $day): int => $day->number, $rhythm->first(6, $begins));
        $sorted = $days;
        sort($sorted);

        expect($days)
            ->toBe(array_values(array_unique($sorted)))
            ->toHaveCount(6)
            ->and($days[0])
            ->toBeGreaterThanOrEqual(Day::of($from)->number)
            ->and(array_map(static fn(Day $day): int => $day->number, $rhythm->within(new Span($begins, Day::ofNumber($days[5])), $begins)))
            ->toBe($days);
    }
})->with([
    'fortnightly on Mondays',
    'twice a month',
    'the 1st and 31st',
    'first working day',
    'the second and fourth Tuesday',
    'every November',
    'half-yearly',
    'quarterly on the last working day',
    'every 29 February',
    'weekdays',
]);
