<?php

declare(strict_types=1);

namespace App\Actions\Goals;

use App\Actions\Parts\SeenWork;
use App\Actions\Projects\ProjectRules;
use App\Models\Goal;
use App\Models\Project;
use App\Models\Workspace;
use App\Queries\Plan\CoreRecords;
use App\Store\RefusedChange;
use Illuminate\Database\Eloquent\Collection;
use Loftrin\Core\Goals\Goal as CoreGoal;
use Loftrin\Core\Goals\Lineage;
use Loftrin\Core\Goals\Placement;

/** What holds of every goal that is stored, however it came to be so: where it may stand, and that nothing hidden shows through it. */
final readonly class GoalRules
{
    public function __construct(private Workspace $workspace)
    {
    }

    /**
     * @param Goal $goal as it is stored
     *
     * @throws RefusedChange at the field that breaks a rule
     */
    public function check(Goal $goal): void
    {
        $this->refuseMisplaced($goal);
        RefusedChange::unless(
            'checkpoints',
            fn() => (new CoreRecords($this->workspace->calendar()))->goal($goal->load('checkpoints'), null),
        );
        $goal->load('viewers.group.memberships');
        $this->refuseShowing($goal);
        SeenWork::check($goal);
    }

    /** Checks where the goal stands, and whether those beneath it still may stand there. It need not be stored yet. */
    public function refuseMisplaced(Goal $goal): void
    {
        $id = $goal->id ?? 0;
        $records = new CoreRecords($this->workspace->calendar());
        $cores = [];

        foreach ($this->family($goal) as $member) {
            $cores[(string) $member->id] = $records->goal($member, $member->parent_id);
        }

        $draft = (clone $goal)->fill(['id' => $id])->setRelation('checkpoints', new Collection());
        $new = RefusedChange::unless('weight', static fn(): CoreGoal => $records->goal($draft, $draft->parent_id));
        $cores[(string) $id] = $new;
        $placement = new Placement($cores);
        $fault = $placement->fault($new);

        if ($fault !== null) {
            throw new RefusedChange('parent', $fault);
        }

        foreach ($cores as $core) {
            $fault = $core->parent === (string) $id ? $placement->fault($core) : null;

            if ($fault !== null) {
                throw new RefusedChange('period', $fault);
            }
        }
    }

    /** Nothing hidden shows through what more people see, above it or beneath. Its viewers are loaded. */
    public function refuseShowing(Goal $goal): void
    {
        if ($goal->parent !== null) {
            self::refuseBetween($goal->parent, $goal);
        }

        foreach ($goal->children()->get() as $child) {
            self::refuseBetween($goal, $child);
        }

        $projects = Project::query()->hidden()->whereRelation('contributions', 'goal_id', $goal->id);

        foreach ($projects->with('viewers.group.memberships')->get() as $project) {
            ProjectRules::refuseBetween($goal, $project);
        }
    }

    private static function refuseBetween(Goal $parent, Goal $child): void
    {
        match (true) {
            ! $parent->audience()->includes($child->audience()) => throw new RefusedChange(
                'parent',
                "“{$parent->title}” is visible to fewer people. A goal below it cannot be visible to more.",
            ),
            ! $child->countsUnder($parent) => throw new RefusedChange(
                'visibility',
                "“{$child->title}” would affect the figure of “{$parent->title}”, which more people can see. Let it count ".
                    'there without its name, unlink it, or make it visible to them.',
            ),
            default => null,
        };
    }

    /**
     * The goals above it and right beneath it.
     *
     * @return list<Goal>
     */
    private function family(Goal $goal): array
    {
        $find = static fn(?int $id): ?Goal => $id === null || $id === ($goal->id ?? 0)
            ? null
            : Goal::query()->with('checkpoints')->find($id);

        return [
            ...$goal->exists ? $goal->children()->with('checkpoints')->get()->all() : [],
            ...Lineage::upFrom(
                $find($goal->parent_id),
                static fn(Goal $at): ?Goal => $find($at->parent_id),
                static fn(Goal $at): int => $at->id,
            ),
        ];
    }
}
