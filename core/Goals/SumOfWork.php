<?php

declare(strict_types=1);

namespace Loftrin\Core\Goals;

use Closure;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Fraction;
use Loftrin\Core\Goals\Measure\Keep;
use Loftrin\Core\Goals\Measure\Work;
use Loftrin\Core\Work\Contribution;
use Loftrin\Core\Work\LeftOut;
use Loftrin\Core\Work\Project;
use Loftrin\Core\Work\Tallies;

/** The sum that the figure of a goal judged by its work is made of, line by line. Rules: computation 4. */
final readonly class SumOfWork
{
    /** @param Closure(Goal, Day): ?Fraction $progress of a goal as of a day */
    public function __construct(
        private Plan $plan,
        private Tallies $tallies,
        private Measurement $measurement,
        private ProjectProgress $projects,
        private Closure $progress,
    ) {
    }

    /**
     * What hangs beneath the goal as of the end of the day, weighed as if its figure were made of it.
     *
     * @return list<Contributor> child goals, projects, and the direct tasks of a goal judged by its work
     */
    public function lines(Goal $goal, Day $on): array
    {
        $lines = $this->unweighed($goal, $on);
        $weights = self::weights($lines);

        return array_map(static fn(Contributor $line): Contributor => $line->among($weights), $lines);
    }

    /** @return list<Contributor> as they stand, not yet told what all of them weigh */
    private function unweighed(Goal $goal, Day $on): array
    {
        return [
            ...$this->fromGoals($this->plan->childrenOf($goal, $on), $on),
            ...array_map(
                fn(array $pair): Contributor => $this->fromProject($pair[0], $pair[1], $on),
                $this->plan->projectsContributingTo($goal, $on),
            ),
            ...$this->fromDirectTasks($goal, $on),
        ];
    }

    /** @param list<Contributor> $lines */
    private static function weights(array $lines): Fraction
    {
        $weights = Fraction::zero();

        foreach ($lines as $line) {
            $weights = $line->leftOut === null && ! $line->isRest ? $weights->plus($line->weight) : $weights;
        }

        return $weights;
    }

    /** What the lines give together, 0 to 1. What was promised and not begun counts 0, unless nothing at all is measured: then null. */
    public function progress(Goal $goal, Day $on): ?Fraction
    {
        $lines = $this->unweighed($goal, $on);
        $sum = null;

        foreach ($lines as $line) {
            if ($line->progress !== null) {
                $sum = ($sum ?? Fraction::zero())->plus($line->progress->times($line->weight));
            }
        }

        return $sum?->over(self::weights($lines));
    }

    /**
     * @param list<Goal> $children there by the day
     *
     * @return list<Contributor> likewise
     */
    private function fromGoals(array $children, Day $on): array
    {
        $shares = RestShares::among($children, $on, fn(Goal $child): ?Fraction => $this->counted($child, $on));

        return array_map(function (Goal $child) use ($shares, $on): Contributor {
            $line = $this->fromGoal($child, $on);
            $share = $shares[$child->id] ?? null;

            return $share === null || $line->leftOut !== null ? $line : $line->asRest($share);
        }, $children);
    }

    private function fromGoal(Goal $child, Day $on): Contributor
    {
        $leftOut = $child->leftOutOn($on);

        return new Contributor(
            kind: ContributorKind::Goal,
            id: $child->id,
            weight: $child->weight,
            progress: $leftOut === null ? $this->counted($child, $on) : null,
            leftOut: $leftOut,
            since: $leftOut === LeftOut::Stopped ? $child->closing?->on : null,
        );
    }

    /** A limit that was not decided counts what it has earned, anything else as it stands. */
    public function counted(Goal $goal, Day $on): ?Fraction
    {
        return $goal->measure instanceof Keep && $goal->closingOn($on)?->decided() === null
            ? $this->measurement->earned($goal, $goal->measure, $on)
            : ($this->progress)($goal, $on);
    }

    private function fromProject(Project $project, Contribution $link, Day $on): Contributor
    {
        $leftOut = $this->projects->leftOut($project, $link, $on);

        return new Contributor(
            kind: ContributorKind::Project,
            id: $project->id,
            weight: $link->weight,
            progress: $leftOut === null ? $this->projects->through($project, $link, $on, $on) : null,
            leftOut: $leftOut,
            since: $leftOut === null || $leftOut === LeftOut::NoBasis ? null : $project->stateOn,
            from: $link->from,
        );
    }

    /** @return list<Contributor> the direct tasks as one line, or none while there are none */
    private function fromDirectTasks(Goal $goal, Day $on): array
    {
        $tally = $this->tallies->ofDirectTasks($goal->id, $on);

        if ($tally === null || ! ($goal->measure instanceof Work)) {
            return [];
        }

        return [
            new Contributor(
                ContributorKind::Tasks,
                null,
                $goal->measure->tasksWeight,
                $tally->progress(),
                $tally->tasks === 0 || $tally->hasNothingLeft() ? LeftOut::NoBasis : null,
            ),
        ];
    }
}
