<?php

declare(strict_types=1);

namespace Loftrin\Core\Goals;

use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Fraction;
use Loftrin\Core\Work\Contribution;
use Loftrin\Core\Work\LeftOut;
use Loftrin\Core\Work\Project;
use Loftrin\Core\Work\ProjectState;
use Loftrin\Core\Work\Tallies;
use Loftrin\Core\Work\Tally;

/** How far a project has come, for itself and for a goal to which it was carried. Rules: computation 3, 4 and 6. */
final readonly class ProjectProgress
{
    public function __construct(private Tallies $tallies)
    {
    }

    /** As of the end of the day, 0 to 1; null with no task in scope. */
    public function of(Project $project, Day $on): ?Fraction
    {
        return $project->stateOn($on) === ProjectState::Done ? Fraction::one() : $this->tallies->ofProject($project->id, $on)->progress();
    }

    /** By the end of a day over its tasks in scope on another, 0 to 1; null with none. */
    public function moved(Project $project, Day $by, Day $on): ?Fraction
    {
        return self::isDoneBy($project, $by, $on) ? Fraction::one() : $this->tallies->ofProject($project->id, $on, $by)->progress();
    }

    /** What it counts for the goal of the link: where it was carried there, of what was left on that day. Null with no task in scope. */
    public function through(Project $project, Contribution $link, Day $by, Day $on): ?Fraction
    {
        return match (true) {
            $link->from === null => $this->moved($project, $by, $on),
            self::isDoneBy($project, $by, $on) => Fraction::one(),
            default => $this->left($project, $link->from, $by, $on)->progress(),
        };
    }

    /** Why it does not count for the goal of the link on the day; null when it does. */
    public function leftOut(Project $project, Contribution $link, Day $on): ?LeftOut
    {
        $aside = LeftOut::forState($project->stateOn($on));

        return match (true) {
            $aside !== null, $link->from === null => $aside,
            $project->stateOn($link->from) === ProjectState::Done,
            $this->left($project, $link->from, $on, $on)->hasNothingLeft()
                => LeftOut::NoBasis,
            default => null,
        };
    }

    private function left(Project $project, Day $from, Day $by, Day $on): Tally
    {
        return $this->tallies->ofProject($project->id, $on, $by)->beyond($this->tallies->ofProject($project->id, $on, $from));
    }

    private static function isDoneBy(Project $project, Day $by, Day $on): bool
    {
        return $project->stateOn($on) === ProjectState::Done && ($project->stateOn === null || ! $project->stateOn->isAfter($by));
    }
}
