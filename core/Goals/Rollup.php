<?php

declare(strict_types=1);

namespace Loftrin\Core\Goals;

use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Fraction;
use Loftrin\Core\Goals\Measure\Count;
use Loftrin\Core\Goals\Measure\Judged;
use Loftrin\Core\Goals\Measure\Keep;
use Loftrin\Core\Goals\Measure\Number;
use Loftrin\Core\Goals\Measure\Work;
use Loftrin\Core\Work\Contribution;
use Loftrin\Core\Work\Project;
use Loftrin\Core\Work\Tallies;

/** Every goal's and project's figure as of any day, from the work beneath it. Rules: computation 3 to 5. */
final class Rollup
{
    public readonly Pace $pace;

    public readonly Movement $movement;

    private readonly Measurement $measurement;

    private readonly ProjectProgress $projects;

    /** @var array<string, array<int, ?Fraction>> progress by goal and day */
    private array $known = [];

    public function __construct(private readonly Plan $plan, private readonly Tallies $tallies)
    {
        $this->pace = new Pace($plan->calendar);
        $this->measurement = new Measurement($plan, $tallies, $this->pace);
        $this->projects = new ProjectProgress($tallies);
        $this->movement = new Movement(
            plan: $plan,
            tallies: $tallies,
            measurement: $this->measurement,
            projects: $this->projects,
            counted: $this->counted(...),
        );
    }

    /** The goal's progress as of the end of the day, 0 to 1; null when there is nothing to measure. */
    public function progress(Goal $goal, Day $on): ?Fraction
    {
        // From its closing on it stays what it was then.
        $seen = $goal->closingOn($on)->on ?? $on;

        if (! array_key_exists($seen->number, $this->known[$goal->id] ?? [])) {
            $this->known[$goal->id][$seen->number] = $this->workOut($goal, $seen);
        }

        return $this->known[$goal->id][$seen->number];
    }

    /** The goal's progress, expected and band as of the end of the day. */
    public function figure(Goal $goal, Day $on): Figure
    {
        $closing = $goal->closingOn($on);
        $seen = $closing !== null ? $closing->on : $on;
        $progress = $this->progress($goal, $on);
        $expected = $this->expected($goal, $on);

        return new Figure(
            $progress,
            $expected,
            match (true) {
                $closing !== null => Band::ofResult($closing->result),
                $goal->measure instanceof Keep => Band::ofKept($progress, $goal->measure->share, $goal->period->span, $on),
                default => Band::at($progress, $expected, $goal->period->span, $on, $goal->period->horizon),
            },
            $goal->measure instanceof Number ? $this->plan->latestReading($goal, $seen) : null,
            $goal->measure instanceof Count ? $this->measurement->doneWithin($goal, $seen) : null,
        );
    }

    /**
     * The lines of the sum that the figure of a goal judged by its work is made of, as of the end of the day, or
     * of the day on which it was closed; of any other goal none.
     *
     * @return list<Contributor> child goals, projects, direct tasks
     */
    public function contributors(Goal $goal, Day $on): array
    {
        return $goal->measure instanceof Work ? $this->beneath($goal, $goal->closingOn($on)->on ?? $on) : [];
    }

    /**
     * What the goal should have reached on the day, 0 to 1: of a closed one on the day after it was closed, since the day
     * itself is then behind it.
     */
    public function expected(Goal $goal, Day $on): ?Fraction
    {
        return $this->pace->ofGoal($goal, $goal->closingOn($on)?->on->plus(1) ?? $on);
    }

    /** What was worked out for a goal as of the day, or as of the day on which it was closed, whatever was decided then. */
    public function computed(Goal $goal, Day $on): ?Fraction
    {
        $seen = $goal->closingOn($on)->on ?? $on;

        return $goal->measure instanceof Work ? self::sum($this->lines($goal, $seen)) : $this->measurement->progress($goal, $seen);
    }

    /** The project's progress as of the end of the day, 0 to 1; null with no task in scope. */
    public function projectProgress(Project $project, Day $on): ?Fraction
    {
        return $this->projects->of($project, $on);
    }

    /** The progress of the goal's direct tasks together, 0 to 1; null with none in scope. */
    public function directTasks(Goal $goal, Day $on): ?Fraction
    {
        return $this->tallies->ofDirectTasks($goal->id, $on)?->progress();
    }

    /** The project's pace while it is active and has both its dates; otherwise null. */
    public function projectFigure(Project $project, Day $on): ?Figure
    {
        if ($project->span === null || ! $project->isActiveOn($on)) {
            return null;
        }

        $progress = $this->projectProgress($project, $on);
        $expected = $this->pace->even($project->span, $on);

        return new Figure($progress, $expected, Band::at($progress, $expected, $project->span, $on));
    }

    private function workOut(Goal $goal, Day $on): ?Fraction
    {
        if ($goal->measure instanceof Judged) {
            return null;
        }

        return $goal->closingOn($on)?->decided() ?? $this->computed($goal, $on);
    }

    /**
     * What hangs beneath the goal as of the end of the day, weighed as if its figure were made of it.
     *
     * @return list<Contributor> child goals, projects, and the direct tasks of a goal judged by its work
     */
    public function beneath(Goal $goal, Day $on): array
    {
        $lines = $this->lines($goal, $on);
        $weights = self::weights($lines);

        return array_map(static fn(Contributor $line): Contributor => $line->among($weights), $lines);
    }

    /** @return list<Contributor> as they stand, not yet told what all of them weigh */
    private function lines(Goal $goal, Day $on): array
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

    /**
     * What was promised and not begun counts 0, unless nothing at all is measured.
     *
     * @param list<Contributor> $lines
     */
    private static function sum(array $lines): ?Fraction
    {
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
        $leftOut = LeftOut::ofGoal($child, $on);

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
    private function counted(Goal $goal, Day $on): ?Fraction
    {
        return $goal->measure instanceof Keep && $goal->closingOn($on)?->decided() === null
            ? $this->measurement->earned($goal, $goal->measure, $on)
            : $this->progress($goal, $on);
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
