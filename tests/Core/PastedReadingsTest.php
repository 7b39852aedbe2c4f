<?php

declare(strict_types=1);

use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Goals\DateOrder;
use Loftrin\Core\Goals\PastedReadings;
use Loftrin\Core\Goals\Reading;
use Loftrin\Core\Goals\UnclearDates;
use Random\Engine\Mt19937;
use Random\Randomizer;

$read = fn(string $text): array => array_map(
    fn(Reading $reading): array => [(string) $reading->on, $reading->value->rounded()],
    PastedReadings::in($text, Day::of('2027-02-10')),
);

it('reads a day and a value on each line', function (string $text) use ($read): void {
    expect($read($text))->toBe([['2027-02-01', 12.0], ['2027-02-08', 14.5]]);
})->with([
    "2027-02-01\t12\n2027-02-08\t14.5",
    "1.2.2027;12\r\n08.02.2027;14,5\r\n",
    "1 Feb 2027  12\n\n8 February 2027  14.5\n",
    "2027-02-01, 12\n2027-02-08: 14.5",
    "\u{feff}Date\tValue\n2027-02-01\t12\n2027-02-08\t14.5\n",
    "\u{feff}2027-02-01\t12\t\n2027-02-08\t14.5\t\n",
    "\"Date\",\"Value\"\n\"2027-02-01\",\"12\"\n\"2027-02-08\",\"14.5\"\n",
    "Mon 1 Feb 2027\t12\nMon, 8 Feb 2027\t14.5\n",
    "1-Feb-27\t12\n8-Feb-27\t14.5\n",
    "2027-02-01T00:00:00,12\n2027-02-08 00:00:00,14.5\n",
    "Feb 1, 2027\t12 %\nFebruary 8, 2027\t14.5 %\n",
]);

it('lays values without days a week apart', function () use ($read): void {
    expect($read("3\n4\n5"))->toBe([['2027-01-27', 3.0], ['2027-02-03', 4.0], ['2027-02-10', 5.0]]);
});

it('reads over units and thousands', function (string $text, float $value) use ($read): void {
    expect($read($text)[0][1])->toBe($value);
})->with([
    ['€65,400', 65400.0],
    ['65.400,50 €', 65400.5],
    ['1,234,567.25', 1234567.25],
    ["12'500", 12500.0],
    ['3,9%', 3.9],
    ['0.5', 0.5],
    ['−3', -3.0],
    ['(12)', -12.0],
    ['(1,234.50)', -1234.5],
    ['€ (3,5)', -3.5],
    ['(€3.50)', -3.5],
    ['-0,25', -0.25],
    ['1 234', 1234.0],
    ['28 harbours', 28.0],
]);

it('names every line that it cannot read', function (string $text, string $words) use ($read): void {
    expect(fn() => $read($text))->toThrow(InvalidArgumentException::class, $words);
})->with([
    ["3\nfour", 'not a day and a value: line 2 “four”'],
    ["1\nx\n\n3\nyy", 'not a day and a value: line 2 “x”, line 5 “yy”'],
    ["2027-02-30\t3", 'not a day and a value: line 1 “2027-02-30 3”'],
    ["2 Foo 2027\t3", 'not a day and a value: line 1'],
    ["1\n".implode("\n", array_fill(0, 7, 'x')), 'line 6 “x” and 2 more'],
    ["\n \n", 'enter at least one value'],
    ['Harbours', 'enter at least one value'],
    ['99999999999999999999', 'not a day and a value: line 1'],
    [str_repeat("1\n", 401), 'more than 400 lines'],
    ["13/1/2027\t1\n1/13/2027\t2", 'not a day and a value: line 2 “1/13/2027 2”'],
]);

it('reads a column as spreadsheets write it', function (string $text, array $expected) use ($read): void {
    expect($read($text))->toBe($expected);
})->with([
    'a heading, and days first' => ["Date\tHarbours\n13/01/2027\t12\n01/02/2027\t14", [['2027-01-13', 12.0], ['2027-02-01', 14.0]]],
    'months first' => ["1/13/2027,12\n2/1/2027,14", [['2027-01-13', 12.0], ['2027-02-01', 14.0]]],
    'quoted cells' => ["\"Day\";\"Value\"\n\"1.2.2027\";\"1.250,50\"", [['2027-02-01', 1250.5]]],
    'dates and times' => ["2027-02-01 09:30\t3\n2027-02-02T10:00:00Z\t4", [['2027-02-01', 3.0], ['2027-02-02', 4.0]]],
    'years first, with slashes' => ["2027/02/01\t3", [['2027-02-01', 3.0]]],
    'two figures of a year' => ["1-Feb-27\t3\n02.02.27\t4", [['2027-02-01', 3.0], ['2027-02-02', 4.0]]],
    'months in words' => ["Feb 1, 2027\t3\nFebruary 2nd 2027: 4", [['2027-02-01', 3.0], ['2027-02-02', 4.0]]],
    'weekdays' => ["Mon 1 Feb 2027\t3\nTuesday, 2 Feb 2027\t4", [['2027-02-01', 3.0], ['2027-02-02', 4.0]]],
    'a date that is the same both ways' => ["2/2/2027\t3", [['2027-02-02', 3.0]]],
]);

it('takes the sign that is a decimal one anywhere for one everywhere', function (string $text, array $values) use ($read): void {
    expect(array_column($read($text), 1))->toBe($values);
})->with([
    'commas' => ["3,125\n3,5", [3.125, 3.5]],
    'commas, and points for thousands' => ["1.250\n3,5", [1250.0, 3.5]],
    'points' => ["3,125\n3.5", [3125.0, 3.5]],
    'both in one' => ["1.250,5\n2.000", [1250.5, 2000.0]],
    'nothing to go by' => ["3,125\n4.125", [3125.0, 4.125]],
    'narrow spaces' => ["1\u{202f}234,5\n2\u{a0}000", [1234.5, 2000.0]],
]);

it('asks whether the day or the month stands first where both can be', function (): void {
    $text = "3/4/2027\t1\n5/4/2027\t2";
    $in = fn(?DateOrder $order): array => array_map(
        fn(Reading $reading): string => (string) $reading->on,
        PastedReadings::in($text, Day::of('2027-06-10'), $order),
    );

    expect(fn() => $in(null))
        ->toThrow(UnclearDates::class, 'does “3/4/2027” begin with the day or with the month?')
        ->and($in(DateOrder::DayFirst))
        ->toBe(['2027-04-03', '2027-04-05'])
        ->and($in(DateOrder::MonthFirst))
        ->toBe(['2027-03-04', '2027-05-04']);
});

it('reads back any column that a spreadsheet could write', function (): void {
    $random = new Randomizer(new Mt19937(3));
    $dates = ['Y-m-d', 'd.m.Y', 'j M Y', 'F j, Y', 'd-M-y', 'Y/m/d'];

    for ($round = 0; $round < 200; $round++) {
        $format = $dates[$random->getInt(0, count($dates) - 1)];
        [$decimal, $thousands] = $random->getInt(0, 1) === 0 ? [',', '.'] : ['.', ','];
        $separator = ["\t", ';', '   '][$random->getInt(0, 2)];
        $expected = [];
        $lines = ['Date'.$separator.'Value'];

        for ($row = 0; $row < 6; $row++) {
            $day = Day::of('2026-01-01')->plus($random->getInt(0, 700));
            // The last has a fraction that tells which sign is which.
            $cents = $row === 5 ? 25 : $random->getInt(0, 99);
            $value = $random->getInt(-99_999, 9_999_999) + $cents / 100;
            $expected[] = [(string) $day, round($value, 2)];
            $lines[] = $day->format($format).$separator.number_format($value, 2, $decimal, $thousands);
        }

        expect(
            array_map(
                fn(Reading $reading): array => [(string) $reading->on, $reading->value->rounded(2)],
                PastedReadings::in(implode("\r\n", $lines), Day::of('2027-12-31')),
            ),
        )->toBe($expected);
    }
});
