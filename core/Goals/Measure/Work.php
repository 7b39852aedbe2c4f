<?php

declare(strict_types=1);

namespace Loftrin\Core\Goals\Measure;

use InvalidArgumentException;
use Loftrin\Core\Fraction;
use Loftrin\Core\Goals\Measure;
use Loftrin\Core\Goals\MeasureKind;

/** Judged by the work beneath it. */
final readonly class Work implements Measure
{
    public Fraction $tasksWeight;

    /** @throws InvalidArgumentException when the weight of the direct tasks is not above 0 */
    public function __construct(?Fraction $tasksWeight = null)
    {
        $this->tasksWeight = $tasksWeight ?? Fraction::one();

        if (! $this->tasksWeight->isPositive()) {
            throw new InvalidArgumentException('the weight of its own tasks must be above 0');
        }
    }

    public function kind(): MeasureKind
    {
        return MeasureKind::Work;
    }
}
