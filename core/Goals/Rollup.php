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
use Loftrin\Core\Work\Project;
use Loftrin\Core\Work\Tallies;

/** Every goal's and project's figure as of any day, from the work beneath it. Rules: computation 3 to 5. */
final class Rollup
{
    public readonly Pace $pace;

    public readonly Movement $movement;

    private readonly Measurement $measurement;

    private readonly ProjectProgress $projects;

    private readonly SumOfWork $work;

    /** @var array<string, array<int, ?Fraction>> progress by goal and day */
    private array $known = [];

    public function __construct(private readonly Plan $plan, private readonly Tallies $tallies)
    {
        $this->pace = new Pace($plan->calendar);
        $this->measurement = new Measurement($plan, $tallies, $this->pace);
        $this->projects = new ProjectProgress($tallies);
        $this->work = new SumOfWork(
            plan: $plan,
            tallies: $tallies,
            measurement: $this->measurement,
            projects: $this->projects,
            progress: $this->progress(...),
        );
        $this->movement = new Movement(
            plan: $plan,
            tallies: $tallies,
            measurement: $this->measurement,
            projects: $this->projects,
            counted: $this->work->counted(...),
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
     * The same, for who looks at the goal's own period as a whole, in a review or a report: its result belongs to the period that it was
     * for, whenever it was closed, with the figure of the period's last day. Rules: computation 4.
     */
    public function figureOfPeriod(Goal $goal, Day $on): Figure
    {
        $last = $goal->period->span->last;
        $isClosedLater = $goal->closing !== null && $goal->closing->on->isAfter($on) && ! $on->isBefore($last);

        return $isClosedLater ? $this->figure($goal, $last)->closedAs($goal->closing->result) : $this->figure($goal, $on);
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

        return $goal->measure instanceof Work ? $this->work->progress($goal, $seen) : $this->measurement->progress($goal, $seen);
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

    /**
     * What hangs beneath the goal as of the end of the day, weighed as if its figure were made of it.
     *
     * @return list<Contributor> child goals, projects, and the direct tasks of a goal judged by its work
     */
    public function beneath(Goal $goal, Day $on): array
    {
        return $this->work->lines($goal, $on);
    }

    private function workOut(Goal $goal, Day $on): ?Fraction
    {
        if ($goal->measure instanceof Judged) {
            return null;
        }

        return $goal->closingOn($on)?->decided() ?? $this->computed($goal, $on);
    }
}
