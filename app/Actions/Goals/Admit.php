<?php

declare(strict_types=1);

namespace App\Actions\Goals;

use App\Models\Admission;
use App\Models\Goal;
use App\Models\Person;
use App\Models\Task;
use App\Models\Visibility;
use App\Store\RefusedChange;

/** Says who may see a goal, as a part of saving it. Nothing hidden shows through what more people see. */
final readonly class Admit
{
    /**
     * @param Goal $goal as it was just saved
     *
     * @throws RefusedChange at the field that would let something show
     */
    public function __invoke(Person $who, Goal $goal, GoalDraft $draft): void
    {
        $this->write($goal, $draft);
        $goal->load('admissions.circle.memberships');
        $audience = $goal->audience();

        match (true) {
            $goal->visibility === Visibility::OnlyMe && $goal->owner_id !== $who->id => throw new RefusedChange('visibility', 'A goal that only its owner sees must be your own.'),
            ! $audience->admits($who->id) => throw new RefusedChange('visibility', 'You would not see it yourself. Choose yourself or one of your circles too.'),
            $goal->counts_unnamed && $goal->owner_id !== $who->id => throw new RefusedChange('countsUnnamed', "Only {$goal->owner->name} can agree to that."),
            default => null,
        };

        if ($goal->parent !== null) {
            $this->refuseShowing($goal->parent, $goal);
        }

        foreach ($goal->children()->get() as $child) {
            $this->refuseShowing($goal, $child);
        }

        $this->hideTasks($goal);
    }

    private function write(Goal $goal, GoalDraft $draft): void
    {
        $wanted = $goal->visibility === Visibility::Chosen ? [
            ...array_map(static fn(int $id): array => ['circle_id' => $id, 'person_id' => null], $draft->circles),
            ...array_map(static fn(int $id): array => ['circle_id' => null, 'person_id' => $id], $draft->people),
        ] : [];

        if ($goal->visibility === Visibility::Chosen && $wanted === []) {
            throw new RefusedChange('visibility', 'Choose at least one circle or person, or keep it to yourself.');
        }

        foreach ($goal->admissions()->get() as $admission) {
            $place = array_search(['circle_id' => $admission->circle_id, 'person_id' => $admission->person_id], $wanted, true);

            if ($place === false) {
                $admission->delete();
            } else {
                unset($wanted[$place]);
            }
        }

        foreach ($wanted as $columns) {
            Admission::query()->create(['goal_id' => $goal->id, ...$columns]);
        }
    }

    private function refuseShowing(Goal $parent, Goal $child): void
    {
        match (true) {
            ! $parent->audience()->includes($child->audience()) => throw new RefusedChange('parent', "Fewer people see “{$parent->title}”: what hangs under it must be seen by no more of them."),
            ! $child->countsUnder($parent) => throw new RefusedChange('visibility', "“{$child->title}” would show through “{$parent->title}”, which more people see. Say that it counts there without its name, let it stand alone, or let them see it."),
            default => null,
        };
    }

    /** What serves a goal that not everyone sees is seen by those who see the goal. */
    private function hideTasks(Goal $goal): void
    {
        $visibility = $goal->visibility === Visibility::Everyone ? Visibility::Everyone : Visibility::OnlyMe;
        $audience = $goal->audience();

        foreach (Task::query()->where('goal_id', $goal->id)->with('owner')->get() as $task) {
            if (! $audience->admits($task->owner_id)) {
                throw new RefusedChange('visibility', "{$task->owner->name} has a task for this goal and would not see it. Hand the task over, or let them see the goal.");
            }

            $task->update(['visibility' => $visibility]);
        }
    }
}
