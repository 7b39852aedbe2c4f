<?php

declare(strict_types=1);

namespace Loftrin\Core;

use Brick\Math\BigDecimal;
use Brick\Math\BigInteger;
use Brick\Math\BigRational;
use Brick\Math\Exception\MathException;
use Brick\Math\RoundingMode;
use InvalidArgumentException;

/**
 * An exact fraction. Figures stay exact until they are shown.
 *
 * Nearly all fractions here fit machine integers, and a roll-up makes many of them; the arithmetic therefore runs on integers
 * and goes through brick/math only where these would overflow.
 */
final readonly class Fraction
{
    /** A longer exponent than this is no figure of anybody's plan, only a way to exhaust memory. */
    private const MAX_LITERAL = 64;

    private function __construct(private int|BigInteger $numerator, private int|BigInteger $denominator)
    {
    }

    /** @throws InvalidArgumentException when the denominator is 0 */
    public static function of(int $numerator, int $denominator = 1): self
    {
        return match (true) {
            $denominator === 0 => throw new InvalidArgumentException('A fraction needs a denominator other than 0.'),
            $numerator === PHP_INT_MIN, $denominator === PHP_INT_MIN => self::exact(BigRational::of("$numerator/$denominator")),
            default => self::reduced($numerator, $denominator),
        };
    }

    public static function zero(): self
    {
        return new self(0, 1);
    }

    public static function one(): self
    {
        return new self(1, 1);
    }

    /**
     * The exact value of a decimal literal: "0.1" is one tenth.
     *
     * @throws InvalidArgumentException when the text is no decimal number
     */
    public static function parse(string $decimal): self
    {
        // Whole numbers that a machine holds are the most by far, and need no arithmetic.
        return match (true) {
            strlen($decimal) < 16 && ctype_digit($decimal) => new self((int) $decimal, 1),
            strlen($decimal) <= self::MAX_LITERAL && preg_match('/^-?\d+(\.\d+)?([eE][+-]?\d{1,2})?$/', $decimal) === 1 => self::exact(
                BigDecimal::of($decimal)->toBigRational(),
            ),
            default => throw new InvalidArgumentException("$decimal is not a number Loftrin can use."),
        };
    }

    public function plus(self $other): self
    {
        if ($this->isSmall() && $other->isSmall()) {
            $sum = $this->numerator * $other->denominator + $other->numerator * $this->denominator;
            $denominator = $this->denominator * $other->denominator;

            if (self::fit($sum, $denominator)) {
                return self::reduced($sum, $denominator);
            }
        }

        return self::exact($this->rational()->plus($other->rational()));
    }

    public function minus(self $other): self
    {
        return $this->plus($other->negated());
    }

    public function times(self $other): self
    {
        if ($this->isSmall() && $other->isSmall()) {
            $numerator = $this->numerator * $other->numerator;
            $denominator = $this->denominator * $other->denominator;

            if (self::fit($numerator, $denominator)) {
                return self::reduced($numerator, $denominator);
            }
        }

        return self::exact($this->rational()->multipliedBy($other->rational()));
    }

    /** @throws InvalidArgumentException when the other is 0 */
    public function over(self $other): self
    {
        if ($other->isZero()) {
            throw new InvalidArgumentException('Nothing can be divided by 0.');
        }

        return $other->isSmall()
            ? $this->times(self::of($other->denominator, $other->numerator))
            : self::exact($this->rational()->dividedBy($other->rational()));
    }

    public function negated(): self
    {
        return $this->times(new self(-1, 1));
    }

    /** This value held within the two. */
    public function within(self $low, self $high): self
    {
        return match (true) {
            $this->isLessThan($low) => $low,
            $high->isLessThan($this) => $high,
            default => $this,
        };
    }

    public function compare(self $other): int
    {
        if ($this->isSmall() && $other->isSmall()) {
            $left = $this->numerator * $other->denominator;
            $right = $other->numerator * $this->denominator;

            if (self::fit($left, $right)) {
                return $left <=> $right;
            }
        }

        return $this->rational()->compareTo($other->rational());
    }

    public function isLessThan(self $other): bool
    {
        return $this->compare($other) < 0;
    }

    public function isAtLeast(self $other): bool
    {
        return $this->compare($other) >= 0;
    }

    public function equals(self $other): bool
    {
        return $this->compare($other) === 0;
    }

    public function isZero(): bool
    {
        return $this->numerator === 0;
    }

    public function isPositive(): bool
    {
        return self::zero()->isLessThan($this);
    }

    /** This value times 1000 as a whole number, halves rounded away from zero. */
    public function thousandths(): int
    {
        return $this->scaled(3);
    }

    /** This value as a whole number of per cent, halves rounded away from zero. */
    public function percent(): int
    {
        return $this->scaled(2);
    }

    /** The nearest float after rounding to so many decimals, halves away from zero: only for showing. */
    public function rounded(int $decimals = 4): float
    {
        $scaled = $this->quicklyScaled($decimals);

        // Both are held by a float as they are: the quotient is the float nearest to the decimal.
        return $scaled !== null && abs($scaled) < 2 ** 53
            ? $scaled / 10 ** $decimals
            : $this->rational()->toScale($decimals, RoundingMode::HALF_UP)->toFloat();
    }

    private function scaled(int $decimals): int
    {
        return $this->quicklyScaled($decimals) ??
            $this->rational()->multipliedBy(10 ** $decimals)->toScale(0, RoundingMode::HALF_UP)->toInt();
    }

    /** By machine integers; null where these would overflow. */
    private function quicklyScaled(int $decimals): ?int
    {
        $parts = $this->isSmall() ? 2 * $this->denominator : 0.0;
        $scaled = $this->isSmall() ? abs($this->numerator) * 2 * 10 ** $decimals + $this->denominator : 0.0;

        return is_int($parts) && is_int($scaled) ? ($this->numerator <=> 0) * intdiv($scaled, $parts) : null;
    }

    /**
     * @phpstan-assert-if-true int $this->numerator
     * @phpstan-assert-if-true int $this->denominator
     */
    private function isSmall(): bool
    {
        return is_int($this->numerator) && is_int($this->denominator);
    }

    /** Whether both are integers still: a product or sum that leaves their range becomes a float, and so does what it is added to. */
    private static function fit(int|float $one, int|float $other): bool
    {
        return is_int($one) && is_int($other);
    }

    private function rational(): BigRational
    {
        return BigRational::nd($this->numerator, $this->denominator);
    }

    private static function reduced(int $numerator, int $denominator): self
    {
        if ($denominator === 1) {
            return new self($numerator, 1);
        }

        [$a, $b] = [abs($numerator), abs($denominator)];

        while ($b !== 0) {
            [$a, $b] = [$b, $a % $b];
        }

        $sign = $denominator < 0 ? -1 : 1;

        return new self($sign * intdiv($numerator, $a), $sign * intdiv($denominator, $a));
    }

    private static function exact(BigRational $value): self
    {
        $simple = $value->simplified();

        try {
            return new self($simple->getNumerator()->toInt(), $simple->getDenominator()->toInt());
        } catch (MathException) {
            return new self($simple->getNumerator(), $simple->getDenominator());
        }
    }
}
