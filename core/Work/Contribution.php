<?php

declare(strict_types=1);

namespace Loftrin\Core\Work;

use InvalidArgumentException;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Fraction;

/**
 * A link from a project, a recurring task or a task to a goal that it serves, with its weight there. Closing a goal ends the
 * links of what goes on and begins new ones on the same day; a link without such dates holds always.
 */
final readonly class Contribution
{
    public Fraction $weight;

    /**
     * @param ?Day $from the first day on which it holds: what was done by then was done for the goal that is carried on
     * @param ?Day $until the last day on which it holds
     *
     * @throws InvalidArgumentException when the weight is not above 0, or it ends before it begins
     */
    public function __construct(public string $goal, ?Fraction $weight = null, public ?Day $from = null, public ?Day $until = null)
    {
        $this->weight = $weight ?? Fraction::one();

        if (! $this->weight->isPositive()) {
            throw new InvalidArgumentException('the weight of what it serves must be above 0');
        }

        if ($from !== null && $until?->isBefore($from) === true) {
            throw new InvalidArgumentException("it cannot end at goal $goal on $until and begin there on $from");
        }
    }

    public function holdsOn(Day $day): bool
    {
        return ($this->from === null || ! $this->from->isAfter($day)) && ($this->until === null || ! $this->until->isBefore($day));
    }

    public function beginsOn(Day $day): bool
    {
        return $this->from?->number === $day->number;
    }

    public function endsOn(Day $day): bool
    {
        return $this->until?->number === $day->number;
    }
}
