<?php

declare(strict_types=1);

use Loftrin\Core\Decimal;

it('writes a number to four decimals without the zeros at its end', function (float $value, string $written): void {
    expect(Decimal::of($value))->toBe($written);
})->with([
    [0.0, '0'],
    [-0.00001, '0'],
    [3.0, '3'],
    [100.0, '100'],
    [2.5, '2.5'],
    [-12.25, '-12.25'],
    [0.66666666, '0.6667'],
    [123456789012.0, '123456789012'],
]);
