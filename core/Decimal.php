<?php

declare(strict_types=1);

namespace Loftrin\Core;

/** How a number is written down to be stored and read again. */
final readonly class Decimal
{
    /** To four decimals, without the zeros at its end: "2.5", "3". */
    public static function of(float $value): string
    {
        return rtrim(rtrim(number_format($value, 4, '.', ''), '0'), '.');
    }
}
