<?php

declare(strict_types=1);

use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Goals\PastedReadings;
use Loftrin\Core\Goals\Reading;

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
    ['-0,25', -0.25],
    ['1 234', 1234.0],
    ['28 harbours', 28.0],
]);

it('names the line that it cannot read', function (string $text, string $words) use ($read): void {
    expect(fn() => $read($text))->toThrow(InvalidArgumentException::class, $words);
})->with([
    ["3\nfour", 'line 2 is not a day and a value: “four”'],
    ["2027-02-30\t3", 'line 1 is not a day and a value'],
    ["2 Foo 2027\t3", 'line 1 is not a day and a value'],
    ["\n \n", 'enter at least one value'],
    ['99999999999999999999', 'line 1 is not a day and a value'],
    [str_repeat("1\n", 401), 'more than 400 lines'],
]);
