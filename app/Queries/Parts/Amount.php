<?php

declare(strict_types=1);

namespace App\Queries\Parts;

/** How a number is written: "1,250.5", "€65,400", "3.9%", "12 harbours". */
final readonly class Amount
{
    /** Units that stand before their number. */
    private const MONEY = ['€', '$', '£'];

    /** With so many decimals at most, and none that are 0. */
    public static function plain(float $value, int $decimals): string
    {
        $plain = number_format($value, $decimals, '.', ',');

        return str_contains($plain, '.') ? rtrim(rtrim($plain, '0'), '.') : $plain;
    }

    public static function with(string $plain, ?string $unit): string
    {
        return self::before($unit).$plain.self::after($unit);
    }

    /** What of a unit stands before each number: the sign of money. */
    public static function before(?string $unit): string
    {
        return in_array($unit, self::MONEY, true) ? $unit : '';
    }

    /** What of a unit stands after a number, or after the last of several. */
    public static function after(?string $unit): string
    {
        return match (true) {
            $unit === null, $unit === '', in_array($unit, self::MONEY, true) => '',
            $unit === '%' => '%',
            default => " $unit",
        };
    }
}
