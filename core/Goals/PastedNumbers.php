<?php

declare(strict_types=1);

namespace Loftrin\Core\Goals;

/**
 * Numbers of a pasted column. Units and thousands separators are read over. Of "," and "." in one number the last is the decimal sign;
 * where a number has one of them alone, the column decides: what stands before other than three digits somewhere in it is the decimal
 * sign everywhere. With nothing to go by, a comma before three digits separates thousands, and a point is a decimal point.
 */
final readonly class PastedNumbers
{
    /** A value of more digits before its decimal sign is no measure. */
    private const DIGITS = 10;

    private const NUMBER = '/^[^\d\-−]{0,8}([-−]?\d[\d.,\x{202f}\x{a0} \']*)[^\d]{0,12}$/u';

    /** @param ?string $decimal the decimal sign of the column, where it is known */
    private function __construct(private ?string $decimal)
    {
    }

    /** @param list<string> $texts all of the column */
    public static function of(array $texts): self
    {
        foreach ($texts as $text) {
            $plain = self::plain($text) ?? '';

            if (preg_match('/[.,](?=[^.,]*$)/', $plain, $last, PREG_OFFSET_CAPTURE) === 1) {
                [$sign, $at] = $last[0];
                $hasBoth = str_contains($plain, ',') && str_contains($plain, '.');

                if (substr_count($plain, $sign) === 1 && ($hasBoth || strlen($plain) - $at !== 4)) {
                    return new self($sign);
                }
            }
        }

        return new self(null);
    }

    /** The value as a plain decimal; null of what is none. */
    public function value(string $text): ?string
    {
        $plain = self::plain($text);

        if ($plain === null) {
            return null;
        }

        $at = max((int) strrpos($plain, ','), (int) strrpos($plain, '.'));
        [$whole, $rest] = $at === 0 || $this->isThousands($plain, $at) ? [$plain, ''] : [substr($plain, 0, $at), substr($plain, $at + 1)];
        $digits = str_replace([',', '.'], '', $whole);

        return strlen($digits) > self::DIGITS ? null : $digits.($rest === '' ? '' : ".$rest");
    }

    private function isThousands(string $plain, int $at): bool
    {
        $sign = $plain[$at];
        $hasBoth = str_contains($plain, ',') && str_contains($plain, '.');

        return match (true) {
            substr_count($plain, $sign) > 1 => true,
            $hasBoth => false,
            $this->decimal !== null => $sign !== $this->decimal,
            default => $sign === ',' && strlen($plain) - $at === 4,
        };
    }

    private static function plain(string $text): ?string
    {
        // Accounts write what is less than nothing in brackets.
        $signed = preg_replace('/^[^\d()\-−]{0,4}\([^\d()\-−]{0,4}(\d[^()\-−]*)\)[^\d()]{0,4}$/u', '-$1', trim($text)) ?? '';

        return preg_match(self::NUMBER, $signed, $found) === 1
            ? str_replace(['−', "\u{a0}", "\u{202f}", ' ', "'"], ['-', '', '', '', ''], rtrim($found[1], '., '))
            : null;
    }
}
