<?php

declare(strict_types=1);

namespace Loftrin\Core\Goals\Measure;

use InvalidArgumentException;
use Loftrin\Core\Fraction;
use Loftrin\Core\Goals\Measure;
use Loftrin\Core\Goals\MeasureKind;

/** So many things done within the period. */
final readonly class Count implements Measure
{
    /** @throws InvalidArgumentException when the target is not above 0 */
    public function __construct(public Fraction $target)
    {
        if (! $target->isPositive()) {
            throw new InvalidArgumentException('target must be above 0');
        }
    }

    public function kind(): MeasureKind
    {
        return MeasureKind::Count;
    }

    public function progress(int $done): Fraction
    {
        return Fraction::of($done)->over($this->target)->within(Fraction::zero(), Fraction::one());
    }
}
