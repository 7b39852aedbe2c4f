<?php

declare(strict_types=1);

namespace Loftrin\Core\Goals;

use InvalidArgumentException;
use Loftrin\Core\Fraction;

/** With what chance, 0 to 1, a goal was said to be met in time. */
final readonly class Estimate
{
    /** @throws InvalidArgumentException when the chance is not between 0 and 1 */
    public function __construct(public string $goal, public Fraction $chance)
    {
        if ($chance->isLessThan(Fraction::zero()) || Fraction::one()->isLessThan($chance)) {
            throw new InvalidArgumentException('chance must be between 0 and 1');
        }
    }
}
