<?php

declare(strict_types=1);

namespace Loftrin\Core\Goals\Measure;

use InvalidArgumentException;
use Loftrin\Core\Fraction;
use Loftrin\Core\Goals\Measure;
use Loftrin\Core\Goals\MeasureKind;

/** A number that goes up, or down, from a start to a target. */
final readonly class Number implements Measure
{
    /** @throws InvalidArgumentException when target and start are the same */
    public function __construct(public Fraction $start, public Fraction $target)
    {
        if ($start->equals($target)) {
            throw new InvalidArgumentException('target must differ from start');
        }
    }

    public function kind(): MeasureKind
    {
        return MeasureKind::Number;
    }

    /** The way done from start to target, held within 0 and 1. */
    public function progress(Fraction $value): Fraction
    {
        return $value->minus($this->start)->over($this->target->minus($this->start))->within(Fraction::zero(), Fraction::one());
    }
}
