<?php

declare(strict_types=1);

use Loftrin\Core\Calendar\Calendar;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Calendar\Recurrence;
use Loftrin\Core\Calendar\Rhythm;
use Loftrin\Core\Calendar\Span;
use Loftrin\Core\Fraction;
use Random\Engine\Mt19937;
use Random\Randomizer;

$day = Day::of('2027-02-10');
$after = fn(int $every, string $unit) => (new Rhythm('x', every: $every, unit: $unit))->nextAfter($day, $day, $day);

it('refuses what is no number, period, date or rhythm, and says what to write', function (Closure $make, string $words): void {
    expect($make)->toThrow(InvalidArgumentException::class, $words);
})->with([
    'year from month 0' => [fn() => new Calendar(yearStartsIn: 0), 'A year starts in a month from 1 to 12'],
    'year from month 13' => [fn() => new Calendar(yearStartsIn: 13), 'A year starts in a month from 1 to 12'],
    ...array_map(
        fn(string $name): array => [fn() => (new Calendar())->period($name), 'is not a period: write 2027, 2027-Q1, 2027-02 or 2027-W05'],
        [
            '',
            '27',
            '2027-Q5',
            '2027-13',
            '2027-W54',
            '2027-W00',
            '2026-W54',
            ' 2027',
            "2027\n",
            '２０２７',
            '2027-q1',
            '2027-02-10',
            '0000',
        ],
    ),
    ...array_map(fn(string $date): array => [fn() => Day::of($date), 'is not a date: write it as YYYY-MM-DD'], [
        '',
        '10.2.2027',
        '2027-2-10',
        '2027-02-30',
        '2027-13-01',
        '2027-02-10 ',
        "2027-02-10\n",
        '02/10/2027',
        '2100-02-29',
    ]),
    'a day before all' => [fn() => Day::of('0001-01-01')->plus(-1), 'Dates are kept for the years 0001 to 9999'],
    'a day after all' => [fn() => Day::of('9999-12-31')->plus(1), 'Dates are kept for the years 0001 to 9999'],
    'a span backwards' => [fn() => new Span(Day::of('2027-02-10'), Day::of('2027-02-09')), 'A span cannot end on'],
    'no denominator' => [fn() => Fraction::of(1, 0), 'A fraction needs a denominator other than 0'],
    ...array_map(fn(string $number): array => [fn() => Fraction::parse($number), 'is not a number Loftrin can use'], [
        '',
        'many',
        '1,5',
        '--1',
        '1.2.3',
        'NAN',
        'INF',
        "1\0",
    ]),
    'division by nothing' => [fn() => Fraction::one()->over(Fraction::zero()), 'Nothing can be divided by 0'],
    'a first day too far off' => [
        fn() => Recurrence::starting('FREQ=YEARLY;INTERVAL=5;BYMONTH=1;BYMONTHDAY=1', Day::of('2027-02-01')),
        'The first date would be more than two years away. Choose another rule or start date',
    ],
    'after no such unit' => [fn() => $after(3, 'days'), 'Enter a number of days, weeks, months or years'],
    'after centuries' => [fn() => $after(1, 'century'), 'Enter a number of days, weeks, months or years'],
]);

it('reads back every day, and only days', function (): void {
    $chance = new Randomizer(new Mt19937(7));

    foreach (range(1, 500) as $_) {
        [$year, $month, $day] = [$chance->getInt(1, 9999), $chance->getInt(1, 13), $chance->getInt(0, 32)];
        $written = sprintf('%04d-%02d-%02d', $year, $month, $day);
        $read = Day::tryOf($written);

        expect($read === null)->toBe(! checkdate($month, $day, $year), $written);

        if ($read !== null) {
            expect((string) $read)->toBe($written)->and((string) Day::of($written)->plus(0))->toBe($written);
        }
    }
});

it('writes a period’s name that it reads again, whenever the year starts', function (int $startsIn): void {
    $calendar = new Calendar(yearStartsIn: $startsIn);

    foreach (['2027', '2027-Q1', '2027-Q4', '2027-02', '2027-12', '2027-W01', '2026-W53', '2027-W52'] as $name) {
        $period = $calendar->period($name);
        expect($period->name)
            ->toBe($name)
            ->and($period->span->first->isAfter($period->span->last))
            ->toBeFalse()
            ->and($calendar->period($period->name)->span)
            ->toEqual($period->span);
    }
})->with(range(1, 12));
