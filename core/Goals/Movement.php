<?php

declare(strict_types=1);

namespace Loftrin\Core\Goals;

use Closure;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Fraction;
use Loftrin\Core\Goals\Measure\Keep;
use Loftrin\Core\Goals\Measure\Work;
use Loftrin\Core\Goals\Measure\YesNo;
use Loftrin\Core\Work\Contribution;
use Loftrin\Core\Work\Project;
use Loftrin\Core\Work\Tallies;
use Loftrin\Core\Work\Tally;

/**
 * How far goals and projects had come by a day, over what is in scope on another: what the weeks of a forecast are
 * measured by. A week in which work was added is not a week lost, and what was decided at a closing is no work.
 * Rules: computation 6.
 */
final class Movement
{
    /** @var array<string, ?Fraction> by goal and the two days */
    private array $known = [];

    /** @param Closure(Goal, Day): ?Fraction $counted what a child goal counts in the sum above it on the day */
    public function __construct(
        private readonly Plan $plan,
        private readonly Tallies $tallies,
        private readonly Measurement $measurement,
        private readonly ProjectProgress $projects,
        private readonly Closure $counted,
    ) {
    }

    /**
     * The goal's progress by the end of a day, 0 to 1; null when nothing of it was measured by then.
     *
     * @param Day $on in scope on that day, which is not before the other
     */
    public function ofGoal(Goal $goal, Day $by, Day $on): ?Fraction
    {
        $key = "$goal->id $by->number $on->number";

        return array_key_exists($key, $this->known) ? $this->known[$key] : ($this->known[$key] = $this->workOut($goal, $by, $on));
    }

    /** The project's progress by the end of a day over its tasks in scope on another, 0 to 1; null with none. */
    public function ofProject(Project $project, Day $by, Day $on): ?Fraction
    {
        return $this->projects->moved($project, $by, $on);
    }

    /** How much of what is in scope on the day was not there by an earlier one, 0 to 1: the scope that was added since. */
    public function growthOfGoal(Goal $goal, Day $since, Day $on): Fraction
    {
        if (! $goal->isThereOn($since)) {
            return Fraction::one();
        }

        $on = $goal->closingOn($on)->on ?? $on;

        return $since->isAfter($on) || ! ($goal->measure instanceof Work)
            ? Fraction::zero()
            : self::mean([
                ...$this->ofChildren($goal, $on, fn(Goal $child): Fraction => $this->growthOfGoal($child, $since, $on)),
                ...array_map(
                    fn(array $pair): array => [$pair[1]->weight, $this->growthOfProject($pair[0], $since, $on)],
                    $this->projectsOf($goal, $on),
                ),
                ...$this->directTasks(
                    $goal,
                    $goal->measure,
                    $on,
                    fn(): Fraction => $this->added($this->tallies->ofDirectTasks($goal->id, $on, $since)),
                ),
            ]) ?? Fraction::zero();
    }

    /** How much of the project's scope on the day was not there by an earlier one, 0 to 1. */
    public function growthOfProject(Project $project, Day $since, Day $on): Fraction
    {
        return $project->isThereOn($since) ? $this->added($this->tallies->ofProject($project->id, $on, $since)) : Fraction::one();
    }

    private function workOut(Goal $goal, Day $by, Day $on): ?Fraction
    {
        $closing = $goal->closingOn($on);

        if ($closing !== null) {
            [$on, $by] = [$closing->on, $by->isAfter($closing->on) ? $closing->on : $by];
        }

        return match (true) {
            $goal->measure instanceof YesNo => $closing !== null && ! $by->isBefore($closing->on)
                ? $closing->decided() ?? Fraction::zero()
                : Fraction::zero(),
            $goal->measure instanceof Work => self::mean([
                ...$this->ofChildren($goal, $on, fn(Goal $child): ?Fraction => $this->ofChild($child, $by, $on)),
                ...array_map(
                    fn(array $pair): array => [$pair[1]->weight, $this->projects->through($pair[0], $pair[1], $by, $on)],
                    $this->projectsOf($goal, $on),
                ),
                ...$this->directTasks(
                    $goal,
                    $goal->measure,
                    $on,
                    fn(): ?Fraction => $this->tallies->ofDirectTasks($goal->id, $on, $by)?->progress(),
                ),
            ]),
            default => $this->measurement->progress($goal, $by),
        };
    }

    /** What a child counts in the sum above it: a limit what it has earned, anything else its progress. */
    private function ofChild(Goal $child, Day $by, Day $on): ?Fraction
    {
        return $child->measure instanceof Keep
            ? $this->measurement->earned($child, $child->measure, $by)
            : $this->ofGoal($child, $by, $on);
    }

    /**
     * The shares of what carries another on are those of the day whose scope is looked at.
     *
     * @param callable(Goal): ?Fraction $value of a child
     *
     * @return list<array{Fraction, ?Fraction, bool}> a line for each child that counts on the day
     */
    private function ofChildren(Goal $goal, Day $on, callable $value): array
    {
        $children = $this->plan->childrenOf($goal, $on);
        $shares = RestShares::among($children, $on, fn(Goal $child): ?Fraction => ($this->counted)($child, $on));

        return array_map(
            static fn(Goal $child): array => [$shares[$child->id] ?? $child->weight, $value($child), isset($shares[$child->id])],
            array_values(array_filter($children, static fn(Goal $child): bool => $child->leftOutOn($on) === null)),
        );
    }

    /** @return list<array{Project, Contribution}> those that count on the day, each with its link */
    private function projectsOf(Goal $goal, Day $on): array
    {
        return array_values(
            array_filter(
                $this->plan->projectsContributingTo($goal, $on),
                fn(array $pair): bool => $this->projects->leftOut($pair[0], $pair[1], $on) === null,
            ),
        );
    }

    /**
     * @param callable(): ?Fraction $value
     *
     * @return list<array{Fraction, ?Fraction}> one line, or none while no direct task is in scope
     */
    private function directTasks(Goal $goal, Work $measure, Day $on, callable $value): array
    {
        $tally = $this->tallies->ofDirectTasks($goal->id, $on);

        return $tally === null || $tally->tasks === 0 || $tally->hasNothingLeft() ? [] : [[$measure->tasksWeight, $value()]];
    }

    private function added(?Tally $tally): Fraction
    {
        return $tally === null || $tally->total->isZero()
            ? Fraction::zero()
            : $tally->added->over($tally->total)->within(Fraction::zero(), Fraction::one());
    }

    /**
     * The weighted mean, in which what is not measured counts 0; null when nothing is measured.
     *
     * @param list<array{0: Fraction, 1: ?Fraction, 2?: bool}> $parts weights and values, and whether the weight is the rest of another's
     */
    private static function mean(array $parts): ?Fraction
    {
        $sum = null;
        $weights = Fraction::zero();

        foreach ($parts as $part) {
            [$weight, $value] = $part;
            $weights = $part[2] ?? false ? $weights : $weights->plus($weight);
            $sum = $value === null ? $sum : ($sum ?? Fraction::zero())->plus($weight->times($value));
        }

        return $sum?->over($weights);
    }
}
