<?php

declare(strict_types=1);

namespace App\Actions\Goals;

use App\Models\Goal;
use App\Models\GoalViewer;
use App\Models\Person;
use App\Models\Task;
use App\Models\Visibility;
use App\Store\RefusedChange;

/** Says who may see a goal, as a part of saving it. Nothing hidden shows through what more people see. */
final readonly class SetViewers
{
    public function __construct(private GoalRules $rules)
    {
    }

    /**
     * @param Goal $goal as it was just saved
     *
     * @throws RefusedChange at the field that would let something show
     */
    public function __invoke(Person $who, Goal $goal, GoalDraft $draft): void
    {
        $this->write($goal, $draft);
        $goal->load('goalViewers.group.memberships');
        $audience = $goal->audience();

        match (true) {
            $goal->visibility === Visibility::OnlyMe && $goal->owner_id !== $who->id => throw new RefusedChange(
                'visibility',
                'A goal visible only to its owner must be your own.',
            ),
            ! $audience->admits($who->id) => throw new RefusedChange(
                'visibility',
                'You would not be able to see it yourself. Add yourself or one of your groups.',
            ),
            $goal->counts_unnamed && $goal->owner_id !== $who->id => throw new RefusedChange(
                'countsUnnamed',
                "Only {$goal->owner->name} can choose this.",
            ),
            default => null,
        };

        $this->rules->refuseShowing($goal);
        $this->hideTasks($goal);
    }

    private function write(Goal $goal, GoalDraft $draft): void
    {
        $wanted =
            $goal->visibility === Visibility::Chosen
                ? [
                    ...array_map(static fn(int $id): array => ['group_id' => $id, 'person_id' => null], $draft->groups),
                    ...array_map(static fn(int $id): array => ['group_id' => null, 'person_id' => $id], $draft->people),
                ]
                : [];

        if ($goal->visibility === Visibility::Chosen && $wanted === []) {
            throw new RefusedChange('visibility', 'Choose at least one group or person, or make it visible only to you.');
        }

        foreach ($goal->goalViewers()->get() as $goalViewer) {
            $place = array_search(['group_id' => $goalViewer->group_id, 'person_id' => $goalViewer->person_id], $wanted, true);

            if ($place === false) {
                $goalViewer->delete();
            } else {
                unset($wanted[$place]);
            }
        }

        foreach ($wanted as $columns) {
            GoalViewer::query()->create(['goal_id' => $goal->id, ...$columns]);
        }
    }

    /** The tasks for it come to be seen by those who see it. */
    private function hideTasks(Goal $goal): void
    {
        foreach (Task::query()->where('goal_id', $goal->id)->with('owner')->get() as $task) {
            GoalRules::refuseUnseen($goal, $task);
            $task->update(['visibility' => GoalRules::visibilityOfTasks($goal)]);
        }
    }
}
