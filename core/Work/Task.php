<?php

declare(strict_types=1);

namespace Loftrin\Core\Work;

use InvalidArgumentException;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Fraction;

/** Something one person does. Rules: computation 2. */
final readonly class Task
{
    /** What one without an estimate takes, in minutes. */
    public const USUAL_MINUTES = 30;

    /** @var list<Contribution> where it stood and stands: at each goal from one day until another */
    public array $stays;

    /**
     * @param ?Day $since from which day on it stands at its goal; null for always
     * @param list<Contribution> $formerly the goals at which it stood before that were carried on, in order
     * @param ?string $effort the main effort that it is work on
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
        ?Day $since = null,
        array $formerly = [],
        public ?string $owner = null,
        public ?string $effort = null,
    ) {
        if ($minutes !== null && ! $minutes->isPositive()) {
            throw new InvalidArgumentException('minutes must be above 0');
        }

        if ($project !== null && $goal !== null) {
            throw new InvalidArgumentException('it has a project or a goal, not both');
        }

        if ($since !== null && $goal === null) {
            throw new InvalidArgumentException('since needs a goal');
        }

        $this->stays = $goal === null ? $formerly : [...$formerly, new Contribution($goal, from: $since)];
        self::refuseMixed($this->stays);
    }

    /**
     * @param list<Contribution> $stays
     *
     * @throws InvalidArgumentException when one ends after the next begins, or two at one goal touch
     */
    private static function refuseMixed(array $stays): void
    {
        $ends = [];
        $before = null;

        foreach ($stays as $stay) {
            if ($before !== null && ($before->until === null || $stay->from === null || $before->until->isAfter($stay->from))) {
                throw new InvalidArgumentException("it stood at goal $before->goal after it came to goal $stay->goal");
            }

            if ($stay->from !== null && ($ends[$stay->goal] ?? null) === $stay->from->number) {
                throw new InvalidArgumentException("its two stays at goal $stay->goal touch");
            }

            $ends[$stay->goal] = $stay->until?->number;
            $before = $stay;
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
