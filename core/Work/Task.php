<?php

declare(strict_types=1);

namespace Loftrin\Core\Work;

use InvalidArgumentException;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Fraction;

/** Something one person does. Rules: computation 2. */
final readonly class Task
{
    /**
     * @param list<?Day> $steps the day each step was ticked, null while it is open
     * @param list<string> $after ids of the tasks to be done before this one
     *
     * @throws InvalidArgumentException when minutes are not above 0, or it belongs to both a project and a goal
     */
    public function __construct(
        public string $id,
        public ?string $project = null,
        public ?string $goal = null,
        public ?string $recurringTask = null,
        public ?string $stage = null,
        public Lifetime $life = new Lifetime(),
        public ?Fraction $minutes = null,
        public array $steps = [],
        public array $after = [],
        public bool $waits = false,
    ) {
        if ($minutes !== null && ! $minutes->isPositive()) {
            throw new InvalidArgumentException('minutes must be above 0');
        }

        if ($project !== null && $goal !== null) {
            throw new InvalidArgumentException('it has a project or a goal, not both');
        }
    }

    /** How much of it is done: 1, or the share of its steps, or 0. */
    public function fractionOn(Day $day): Fraction
    {
        if ($this->life->isDoneOn($day)) {
            return Fraction::one();
        }

        if ($this->steps === []) {
            return Fraction::zero();
        }

        $ticked = array_filter($this->steps, static fn(?Day $on): bool => $on !== null && ! $on->isAfter($day));

        return Fraction::of(count($ticked), count($this->steps));
    }
}
