<?php

declare(strict_types=1);

use Loftrin\Core\Calendar\Calendar;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Calendar\Horizon;
use Loftrin\Core\Calendar\Period;
use Loftrin\Core\Calendar\Recurrence;
use Loftrin\Core\Calendar\Span;
use Loftrin\Core\Calendar\WallTime;
use Loftrin\Core\Calendar\Weekday;

it('agrees with PHP on every date of eight centuries', function (): void {
    $utc = new DateTimeZone('UTC');

    for ($number = -141428; $number < 150000; $number += 997) {
        $at = (new DateTimeImmutable('1970-01-01', $utc))->modify("$number days");
        $day = Day::ofNumber($number);

        expect((string) $day)
            ->toBe($at->format('Y-m-d'))
            ->and($day->weekday()->value)
            ->toBe((int) $at->format('N') - 1)
            ->and(Day::of((string) $day)->number)
            ->toBe($number);
    }
});

it('names Monday weeks as ISO 8601 does', function (): void {
    $calendar = new Calendar();

    for ($day = Day::of('2019-12-20'); $day->isBefore(Day::of('2033-01-20')); $day = $day->plus(3)) {
        $iso = (new DateTimeImmutable((string) $day))->format('o-\WW');

        expect($calendar->weekOf($day)->name)
            ->toBe($iso)
            ->and($calendar->period($iso)->span->holds($day))
            ->toBeTrue();
    }
});

it('finds the same week by its name whatever day weeks start on', function (Weekday $start): void {
    $calendar = new Calendar($start);

    for ($day = Day::of('2026-12-01'); $day->isBefore(Day::of('2028-02-01')); $day = $day->plus(3)) {
        $week = $calendar->weekOf($day);

        expect($week->span->holds($day))
            ->toBeTrue()
            ->and($week->span->first->weekday())
            ->toBe($start)
            ->and($calendar->period($week->name)->span->first->number)
            ->toBe($week->span->first->number)
            ->and($calendar->next($week)->span->first->number)
            ->toBe($week->span->last->number + 1);
    }
})->with(Weekday::cases());

it('names a year after the calendar year in which it ends', function (): void {
    $calendar = new Calendar(yearStartsIn: 7);

    expect((string) $calendar->year(2027)->span->first)
        ->toBe('2026-07-01')
        ->and((string) $calendar->year(2027)->span->last)
        ->toBe('2027-06-30')
        ->and($calendar->yearOf(Day::of('2026-06-30'))->name)
        ->toBe('2026')
        ->and($calendar->yearOf(Day::of('2026-07-01'))->name)
        ->toBe('2027')
        ->and((string) $calendar->period('2027-Q3')->span->first)
        ->toBe('2027-01-01')
        ->and($calendar->quarterOf(Day::of('2026-12-31'))->name)
        ->toBe('2027-Q2')
        ->and($calendar->quarterOf(Day::of('2027-06-30'))->name)
        ->toBe('2027-Q4');
});

it('has neighbours of every horizon', function (Horizon $horizon, string $previous, string $now, string $next): void {
    $calendar = new Calendar();
    $period = $calendar->periodOf($horizon, Day::of('2027-01-01'));

    expect([$calendar->previous($period)->name, $period->name, $calendar->next($period)->name])->toBe([$previous, $now, $next]);
})->with([
    [Horizon::Year, '2026', '2027', '2028'],
    [Horizon::Quarter, '2026-Q4', '2027-Q1', '2027-Q2'],
    [Horizon::Month, '2026-12', '2027-01', '2027-02'],
    [Horizon::Week, '2026-W52', '2026-W53', '2027-W01'],
]);

it('refuses periods that do not exist', function (string $name): void {
    (new Calendar())->period($name);
})
    ->with(['2027-Q5', '2027-13', '2027-W53', '2027-W00', '27', '2027-W1', 'soon', '0001', "2027\n"])
    ->throws(InvalidArgumentException::class);

it('refuses dates that do not exist', function (string $date): void {
    Day::of($date);
})
    ->with(['2027-02-29', '2027-2-3', '2027-13-01', '0000-01-01', "2027-01-01\n", ''])
    ->throws(InvalidArgumentException::class);

it('reads a planned time as a day or a period', function (): void {
    $calendar = new Calendar();

    expect($calendar->planned('2027-02-09'))
        ->toBeInstanceOf(Day::class)
        ->and($calendar->planned('2027-W06'))
        ->toBeInstanceOf(Period::class)
        ->and(fn() => $calendar->planned('later'))
        ->toThrow(InvalidArgumentException::class);
});

it('counts working days without the holidays that fall on them', function (): void {
    $calendar = new Calendar(holidays: [Day::of('2027-01-01'), Day::of('2027-01-02'), Day::of('2027-01-06'), Day::of('2027-01-06')]);
    $january = $calendar->period('2027-01')->span;
    $slow = 0;

    for ($day = $january->first; ! $day->isAfter($january->last); $day = $day->plus(1)) {
        expect($calendar->workingDaysBefore($january, $day))->toBe($slow);
        $slow += $calendar->isWorkingDay($day) ? 1 : 0;
    }

    expect($calendar->workingDays($january))
        ->toBe($slow)
        ->toBe(19)
        ->and($calendar->workingDaysBefore($january, Day::of('2030-01-01')))
        ->toBe(19);
});

it('puts a week where its fourth day lies', function (): void {
    $calendar = new Calendar();

    expect($calendar->period('2027')->holds($calendar->period('2026-W53')))
        ->toBeFalse()
        ->and($calendar->period('2026')->holds($calendar->period('2026-W53')))
        ->toBeTrue()
        ->and($calendar->period('2027-Q1')->holds($calendar->period('2027-W13')))
        ->toBeFalse()
        ->and($calendar->period('2027-Q2')->holds($calendar->period('2027-W13')))
        ->toBeTrue()
        ->and($calendar->period('2027-W13')->holds($calendar->period('2027-W13')))
        ->toBeTrue()
        ->and($calendar->period('2027-W13')->holds($calendar->period('2027-03')))
        ->toBeFalse()
        ->and(count($calendar->weeksIn($calendar->period('2026')->span)))
        ->toBe(53);
});

it('refuses a month in which no year can start', fn() => new Calendar(yearStartsIn: 13))->throws(InvalidArgumentException::class);

it('refuses a span that ends before it begins', fn() => new Span(Day::of('2027-01-02'), Day::of('2027-01-01')))->throws(
    InvalidArgumentException::class,
);

it('expands recurrence rules at the days they meet', function (string $rule, string $start, array $days): void {
    $found = (new Recurrence($rule, Day::of($start)))->within(new Span(Day::of('2027-01-01'), Day::of('2027-02-28')));

    expect(array_map(strval(...), $found))->toBe($days);
})->with([
    'every second Thursday' => ['FREQ=WEEKLY;INTERVAL=2;BYDAY=TH', '2026-12-31', ['2027-01-14', '2027-01-28', '2027-02-11', '2027-02-25']],
    'every last day' => ['FREQ=MONTHLY;BYMONTHDAY=-1', '2026-12-31', ['2027-01-31', '2027-02-28']],
    'a first day that the rule does not meet' => ['FREQ=WEEKLY;BYDAY=MO;COUNT=3', '2027-01-05', ['2027-01-11', '2027-01-18']],
    'a first Monday of the month, from a Wednesday on' => ['FREQ=MONTHLY;BYDAY=1MO', '2027-01-06', ['2027-02-01']],
    'a first Monday of the month, from one on' => ['FREQ=MONTHLY;BYDAY=1MO', '2027-01-04', ['2027-01-04', '2027-02-01']],
    'every second Monday, from one on' => [
        'FREQ=WEEKLY;INTERVAL=2;BYDAY=MO',
        '2027-01-04',
        ['2027-01-04', '2027-01-18', '2027-02-01', '2027-02-15'],
    ],
    'a rule that ended' => ['FREQ=DAILY;UNTIL=20261231', '2026-12-01', []],
]);

it('finds the same days however long ago a rule began', function (string $rule): void {
    $recurrence = new Recurrence($rule, Day::of('2023-03-01'));
    $late = new Span(Day::of('2027-01-05'), Day::of('2027-04-02'));
    $all = $recurrence->within(new Span(Day::of('2023-03-01'), $late->last));

    expect(array_map(strval(...), $recurrence->within($late)))
        ->toBe(array_values(array_map(strval(...), array_filter($all, $late->holds(...)))))
        ->not->toBe([]);
})->with([
    'FREQ=DAILY',
    'FREQ=DAILY;INTERVAL=10',
    'FREQ=WEEKLY;BYDAY=MO',
    'FREQ=WEEKLY;INTERVAL=3;BYDAY=TU,TH',
    'FREQ=WEEKLY;INTERVAL=2;WKST=SU;BYDAY=SU,MO',
    'FREQ=WEEKLY',
    'FREQ=WEEKLY;UNTIL=20270301;BYDAY=WE',
    'FREQ=WEEKLY;COUNT=220;BYDAY=FR',
    'FREQ=DAILY;INTERVAL=2;BYDAY=MO',
    'FREQ=MONTHLY;BYMONTHDAY=-1',
]);

it('finds the next occurrence, or none', function (): void {
    $rule = new Recurrence('FREQ=WEEKLY;BYDAY=MO', Day::of('2027-01-04'));

    expect((string) $rule->nextFrom(Day::of('2027-01-05')))
        ->toBe('2027-01-11')
        ->and((new Recurrence('FREQ=DAILY;COUNT=1', Day::of('2027-01-04')))->nextFrom(Day::of('2027-01-05')))
        ->toBeNull();
});

it('refuses what is no recurrence rule', function (string $rule): void {
    new Recurrence($rule, Day::of('2027-01-01'));
})
    ->with(['every Monday', 'FREQ=SOMETIMES', '', 'BYDAY=MO', "FREQ=DAILY\nX"])
    ->throws(InvalidArgumentException::class);

it('reads a time on the wall clock as minutes, and writes it again', function (string $time, int $minutes): void {
    expect(WallTime::minutes($time))->toBe($minutes)->and(WallTime::of($minutes))->toBe($time);
})->with([['00:00', 0], ['00:59', 59], ['09:05', 545], ['17:00', 1020], ['23:59', 1439]]);

it('looks at a span as of today, and as of its last day once that is behind', function (): void {
    $span = new Span(Day::of('2027-02-01'), Day::of('2027-02-07'));

    expect((string) $span->asOf(Day::of('2027-02-03')))
        ->toBe('2027-02-03')
        ->and((string) $span->asOf(Day::of('2027-02-07')))
        ->toBe('2027-02-07')
        ->and((string) $span->asOf(Day::of('2027-02-08')))
        ->toBe('2027-02-07');
});

it('writes a day with its year where that is another one than that of the reader', function (): void {
    $day = Day::of('2027-01-09');

    expect($day->words(Day::of('2027-12-31')))
        ->toBe('9 Jan')
        ->and($day->words(Day::of('2026-12-31')))
        ->toBe('9 Jan 2027')
        ->and($day->words(Day::of('2026-12-31'), 'D j M'))
        ->toBe('Sat 9 Jan 2027');
});

it('counts days as the calendar of the world does', function (): void {
    // Every 97th day from the year 1 to 9999, and each day around the ends of centuries and leap years.
    $days = [...range(-719162, 2932896, 97), ...range(-25520, -25500), ...range(10950, 11030), ...range(47480, 47560)];

    foreach ($days as $number) {
        $day = Day::ofNumber($number);
        $known = (new DateTimeImmutable('1970-01-01 00:00:00 UTC'))->modify("$number days");
        expect([(string) $day, $day->weekday()->value, Day::of((string) $day)->number, $day->format('j M Y')])->toBe([
            $known->format('Y-m-d'),
            (int) $known->format('N') - 1,
            $number,
            $known->format('j M Y'),
        ]);
    }
});

it('keeps no day before the year 1 or after 9999', function (): void {
    expect([(string) Day::of('0001-01-01'), (string) Day::of('9999-12-31'), Day::tryOf('2027-02-30'), Day::tryOf("2027-02-03\n")])
        ->toBe(['0001-01-01', '9999-12-31', null, null])
        ->and(static fn() => Day::of('0001-01-01')->plus(-1))
        ->toThrow(InvalidArgumentException::class)
        ->and(static fn() => Day::of('9999-12-31')->plus(1))
        ->toThrow(InvalidArgumentException::class);
});

it('knows how long a span is and what it contains', function (): void {
    $span = new Span(Day::of('2027-02-08'), Day::of('2027-02-14'));
    $within = static fn(string $first, string $last): bool => $span->contains(new Span(Day::of($first), Day::of($last)));

    expect([$span->length(), (new Span(Day::of('2027-02-08'), Day::of('2027-02-08')))->length()])
        ->toBe([7, 1])
        ->and([
            $within('2027-02-08', '2027-02-14'),
            $within('2027-02-07', '2027-02-14'),
            $within('2027-02-08', '2027-02-15'),
            $within('2027-02-01', '2027-02-28'),
        ])
        ->toBe([true, false, false, false]);
});

it('lets a longer period hold a shorter one, and none hold a longer', function (): void {
    $order = [Horizon::Year, Horizon::Quarter, Horizon::Month, Horizon::Week];

    foreach ($order as $place => $above) {
        foreach ($order as $other => $beneath) {
            expect($above->mayHold($beneath))->toBe($place <= $other);
        }
    }
});

it('reads times of day as minutes, and back', function (string $time, int $minutes): void {
    expect([WallTime::minutes($time), WallTime::minutes("$time:59"), WallTime::of($minutes)])->toBe([$minutes, $minutes, $time]);
})->with([['00:00', 0], ['09:05', 545], ['23:59', 1439], ['10:10', 610]]);
