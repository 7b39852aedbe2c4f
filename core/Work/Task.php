<?php

declare(strict_types=1);

namespace Loftrin\Core\Work;

use InvalidArgumentException;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Fraction;

/**
 * Something one person does, with the dates that its life is made of. Rules: computation 2.
 *
 * A missing creation date lies before everything.
 */
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
        public ?Day $createdOn = null,
        public ?Day $doneOn = null,
        public ?Day $droppedOn = null,
        public ?Day $shelvedOn = null,
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

    /** From its creation, or from when it was done if that is earlier: work entered afterwards. */
    public function existsOn(Day $day): bool
    {
        return $this->createdOn === null || ! $this->createdOn->isAfter($day) || $this->isDoneOn($day);
    }

    public function isDoneOn(Day $day): bool
    {
        return $this->doneOn !== null && ! $this->doneOn->isAfter($day);
    }

    public function isDroppedOn(Day $day): bool
    {
        return ! $this->isDoneOn($day) && $this->droppedOn !== null && ! $this->droppedOn->isAfter($day);
    }

    /** What was done counts, even if it was shelved or dropped, earlier or later. */
    public function isInScopeOn(Day $day): bool
    {
        return $this->isDoneOn($day) || ($this->existsOn($day) && ! $this->isDroppedOn($day) && ! $this->isShelvedOn($day));
    }

    public function isOpenOn(Day $day): bool
    {
        return ! $this->isDoneOn($day) && $this->isInScopeOn($day);
    }

    /** How much of it is done: 1, or the share of its steps, or 0. */
    public function fractionOn(Day $day): Fraction
    {
        if ($this->isDoneOn($day)) {
            return Fraction::one();
        }

        if ($this->steps === []) {
            return Fraction::zero();
        }

        $ticked = array_filter($this->steps, static fn(?Day $on): bool => $on !== null && ! $on->isAfter($day));

        return Fraction::of(count($ticked), count($this->steps));
    }

    private function isShelvedOn(Day $day): bool
    {
        return $this->shelvedOn !== null && ! $this->shelvedOn->isAfter($day);
    }
}
