<?php

declare(strict_types=1);

use Loftrin\Core\Fraction;

it('reads decimals exactly', function (string $text, int $numerator, int $denominator): void {
    expect(Fraction::parse($text)->equals(Fraction::of($numerator, $denominator)))->toBeTrue();
})->with([['0.1', 1, 10], ['-7.50', -15, 2], ['3', 3, 1], ['1e2', 100, 1], ['2.5E-1', 1, 4]]);

it('refuses what is no number to reckon with', function (string $text): void {
    Fraction::parse($text);
})
    ->with(['', 'ten', '1/3', '0x1F', '1e999', '.5', 'NAN'])
    ->throws(InvalidArgumentException::class);

it('adds, multiplies and divides without rounding', function (): void {
    $third = Fraction::of(1, 3);
    $sum = $third->plus($third)->plus($third);

    expect($sum->equals(Fraction::one()))
        ->toBeTrue()
        ->and(Fraction::of(2, 3)->times(Fraction::of(3, 4))->equals(Fraction::of(1, 2)))
        ->toBeTrue()
        ->and(Fraction::of(1, 2)->over(Fraction::of(-1, 4))->equals(Fraction::of(-2)))
        ->toBeTrue()
        ->and(Fraction::of(1, 2)->minus(Fraction::of(3, 4))->equals(Fraction::of(-1, 4)))
        ->toBeTrue();
});

it('stays exact beyond machine integers', function (): void {
    $huge = Fraction::of(PHP_INT_MAX);
    $tiny = Fraction::of(1, PHP_INT_MAX);
    $square = $huge->times($huge);

    expect($square->over($huge)->equals($huge))
        ->toBeTrue()
        ->and($huge->plus($huge)->minus($huge)->equals($huge))
        ->toBeTrue()
        ->and($tiny->times($tiny)->times($square)->equals(Fraction::one()))
        ->toBeTrue()
        ->and($tiny->plus(Fraction::of(1, PHP_INT_MAX - 1))->compare($tiny))
        ->toBe(1)
        ->and($square->compare($huge))
        ->toBe(1)
        ->and($square->negated()->isPositive())
        ->toBeFalse()
        ->and(
            Fraction::of(PHP_INT_MIN)
                ->negated()
                ->isPositive(),
        )
        ->toBeTrue()
        ->and(
            Fraction::of(PHP_INT_MIN, 2)
                ->plus(Fraction::of(1, 3))
                ->compare(Fraction::zero()),
        )
        ->toBe(-1)
        ->and($square->over($square->times($huge))->thousandths())
        ->toBe(0)
        ->and($square->plus($square)->over($square)->percent())
        ->toBe(200);
});

it('rounds halves away from zero, only when shown', function (): void {
    expect(Fraction::of(1, 8)->rounded(2))
        ->toBe(0.13)
        ->and(Fraction::of(-1, 8)->rounded(2))
        ->toBe(-0.13)
        ->and(Fraction::of(2, 3)->rounded())
        ->toBe(0.6667)
        ->and(Fraction::of(-7)->rounded())
        ->toBe(-7.0)
        ->and(Fraction::of(PHP_INT_MAX, 1000)->rounded(2))
        ->toBe(9223372036854775.81)
        ->and(Fraction::of(1, PHP_INT_MAX)->rounded())
        ->toBe(0.0)
        ->and(Fraction::of(PHP_INT_MAX - 1, PHP_INT_MAX)->percent())
        ->toBe(100)
        ->and(Fraction::of(1, 2000)->thousandths())
        ->toBe(1)
        ->and(Fraction::of(-1, 2000)->thousandths())
        ->toBe(-1)
        ->and(Fraction::of(1, 3)->thousandths())
        ->toBe(333)
        ->and(Fraction::of(2, 3)->percent())
        ->toBe(67);
});

it('holds a value within two others', function (): void {
    $within = static fn(int $value): int => Fraction::of($value)->within(Fraction::zero(), Fraction::one())->percent();

    expect([$within(-3), $within(7), $within(1)])->toBe([0, 100, 100]);
});

it('refuses a denominator of 0', fn() => Fraction::of(1, 0))->throws(InvalidArgumentException::class);

it('refuses to divide by 0', fn() => Fraction::one()->over(Fraction::zero()))->throws(InvalidArgumentException::class);
