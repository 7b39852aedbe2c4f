<?php

declare(strict_types=1);

namespace Loftrin\Core\Work;

use InvalidArgumentException;
use Loftrin\Core\Fraction;

/** A link from a project or recurring task to a goal that it serves, with its weight there. */
final readonly class Contribution
{
    public Fraction $weight;

    /** @throws InvalidArgumentException when the weight is not above 0 */
    public function __construct(public string $goal, ?Fraction $weight = null)
    {
        $this->weight = $weight ?? Fraction::one();

        if (! $this->weight->isPositive()) {
            throw new InvalidArgumentException('the weight of what it serves must be above 0');
        }
    }
}
