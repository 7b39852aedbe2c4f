<?php

declare(strict_types=1);

namespace App\Actions\Projects;

use App\Actions\Parts\SeenWork;
use App\Models\Contribution;
use App\Models\Goal;
use App\Models\Person;
use App\Models\Project;
use App\Queries\Plan\CoreRecords;
use App\Store\RefusedChange;
use Loftrin\Core\Goals\MeasureKind;

/** What holds of every project that is stored, however it came to be so: its dates, and that nothing hidden shows through it. */
final readonly class ProjectRules
{
    /**
     * @param Project $project as it is stored
     *
     * @throws RefusedChange at the field that breaks a rule
     */
    public function check(Project $project): void
    {
        RefusedChange::unless('dueOn', static fn() => CoreRecords::project($project->load(['stages', 'contributions'])));
        $project->load('viewers.group.memberships');
        $this->refuseShowing($project);
        SeenWork::check($project);
    }

    /** What not everyone may see moves no figure that more people see, unless its owner agreed. Its viewers are loaded. */
    public function refuseShowing(Project $project): void
    {
        if (! $project->isHidden()) {
            return;
        }

        foreach (Contribution::query()->where('project_id', $project->id)->with('goal.viewers.group.memberships')->get() as $link) {
            self::refuseBetween($link->goal, $project);
        }
    }

    /**
     * The viewers of both are loaded with their groups' memberships.
     *
     * @throws RefusedChange when the project would show through the figure of the goal
     */
    public static function refuseBetween(Goal $goal, Project $project): void
    {
        match (true) {
            $project->audience()->includes($goal->audience()) => null,
            $goal->measure === MeasureKind::Count => throw new RefusedChange(
                'visibility',
                "“{$goal->title}” counts tasks one by one, and more people can see it than “{$project->title}”. Unlink the two, ".
                    'or make the project visible to them.',
            ),
            ! $project->counts_unnamed => throw new RefusedChange(
                'visibility',
                "“{$project->title}” would affect the figure of “{$goal->title}”, which more people can see. Let it count ".
                    'there without its name, unlink it, or make it visible to them.',
            ),
            default => null,
        };
    }

    /**
     * A project can be named where everyone reads along only if everyone may see it.
     *
     * @throws RefusedChange when it may not be named there, or is not there for the person
     */
    public static function refuseUnnamable(Person $who, ?int $project, string $field = 'project'): void
    {
        if ($project === null || Project::query()->openToAll()->whereKey($project)->exists()) {
            return;
        }

        throw new RefusedChange(
            $field,
            Project::query()->visibleTo($who)->whereKey($project)->exists()
                ? 'This project is not visible to everyone, so it cannot be named here.'
                : 'This project no longer exists.',
        );
    }
}
