<?php

declare(strict_types=1);

namespace Loftrin\Core\Goals;

use InvalidArgumentException;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Fraction;

/** The day and result with which a goal was closed. Its score, 0 to 1, stands over what was computed. */
final readonly class Closing
{
    /** @throws InvalidArgumentException when the score is not between 0 and 1 */
    public function __construct(public Day $on, public Result $result, public ?Fraction $score = null)
    {
        if ($score !== null && ($score->isLessThan(Fraction::zero()) || Fraction::one()->isLessThan($score))) {
            throw new InvalidArgumentException('score must be between 0 and 1');
        }
    }

    /** The progress that was decided, or null where the computed one stands. */
    public function decided(): ?Fraction
    {
        return $this->score ?? ($this->result === Result::Met ? Fraction::one() : null);
    }
}
