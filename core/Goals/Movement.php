<?php

declare(strict_types=1);

namespace Loftrin\Core\Goals;

use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Fraction;
use Loftrin\Core\Goals\Measure\Judged;
use Loftrin\Core\Goals\Measure\Keep;
use Loftrin\Core\Goals\Measure\Work;
use Loftrin\Core\Goals\Measure\YesNo;
use Loftrin\Core\Work\Project;
use Loftrin\Core\Work\ProjectState;
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

    public function __construct(
        private readonly Plan $plan,
        private readonly Tallies $tallies,
        private readonly Measurement $measurement,
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
        $isDone = $project->stateOn($on) === ProjectState::Done && ($project->stateOn === null || ! $project->stateOn->isAfter($by));

        return $isDone ? Fraction::one() : $this->tallies->ofProject($project->id, $on, $by)->progress();
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
                ...array_map(
                    fn(Goal $child): array => [$child->weight, $this->growthOfGoal($child, $since, $on)],
                    $this->children($goal, $on),
                ),
                ...array_map(
                    fn(array $link): array => [$link[1], $this->growthOfProject($link[0], $since, $on)],
                    $this->projects($goal, $on),
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
                ...array_map(fn(Goal $child): array => [$child->weight, $this->ofChild($child, $by, $on)], $this->children($goal, $on)),
                ...array_map(fn(array $link): array => [$link[1], $this->ofProject($link[0], $by, $on)], $this->projects($goal, $on)),
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
        if (! ($child->measure instanceof Keep)) {
            return $this->ofGoal($child, $by, $on);
        }

        $closed = $child->closingOn($on)?->on;

        return $this->measurement->earned($child, $child->measure, $closed !== null && $by->isAfter($closed) ? $closed : $by);
    }

    /** @return list<Goal> those that count on the day */
    private function children(Goal $goal, Day $on): array
    {
        return array_values(
            array_filter(
                $this->plan->childrenOf($goal, $on),
                static fn(Goal $child): bool => ! $child->isDroppedOn($on) && ! ($child->measure instanceof Judged),
            ),
        );
    }

    /** @return list<array{Project, Fraction}> those that count on the day, each with its weight */
    private function projects(Goal $goal, Day $on): array
    {
        return array_values(
            array_filter(
                $this->plan->projectsContributingTo($goal, $on),
                static fn(array $link): bool => LeftOut::forState($link[0]->stateOn($on)) === null,
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
        $tasks = $this->tallies->ofDirectTasks($goal->id, $on)->tasks ?? 0;

        return $tasks === 0 ? [] : [[$measure->tasksWeight, $value()]];
    }

    private function added(?Tally $tally): Fraction
    {
        return $tally === null || $tally->tasks === 0 ? Fraction::zero() : $tally->added->over($tally->total);
    }

    /**
     * The weighted mean, in which what is not measured counts 0; null when nothing is measured.
     *
     * @param list<array{Fraction, ?Fraction}> $parts weights and values
     */
    private static function mean(array $parts): ?Fraction
    {
        $sum = null;
        $weights = Fraction::zero();

        foreach ($parts as [$weight, $value]) {
            $weights = $weights->plus($weight);
            $sum = $value === null ? $sum : ($sum ?? Fraction::zero())->plus($weight->times($value));
        }

        return $sum?->over($weights);
    }
}
