<?php

declare(strict_types=1);

namespace App\Actions\People;

use App\Actions\Goals\GoalRules;
use App\Actions\Meetings\SaveAttendees;
use App\Actions\Projects\ProjectRules;
use App\Models\Goal;
use App\Models\Group;
use App\Models\Membership;
use App\Models\Person;
use App\Models\Viewer;
use App\Store\ChangeLog;
use App\Store\RefusedChange;

/** Names a group of people, says who is in it, or does away with it. */
final readonly class SaveGroup
{
    public function __construct(
        private ChangeLog $log,
        private SaveAttendees $attendees,
        private GoalRules $goals,
        private ProjectRules $projects,
    ) {
    }

    /**
     * @param list<int> $people ids of all who are in it
     *
     * @throws RefusedChange when somebody would lose sight of what they have a part in
     */
    public function __invoke(Person $who, string $name, array $people, ?Group $group = null): Group
    {
        return $this->log->change($who, ($group === null ? 'Made' : 'Changed')." the group “{$name}”", function () use (
            $name,
            $people,
            $group,
        ): Group {
            $record = $group ?? new Group();
            $record->fill(['name' => $name])->save();
            $there = $record->memberships()->get();

            foreach ($there->whereNotIn('person_id', $people) as $left) {
                $left->delete();
            }

            foreach ($people as $person) {
                if (! $there->contains('person_id', $person)) {
                    Membership::query()->create(['group_id' => $record->id, 'person_id' => $person]);
                }
            }

            $this->attendees->follow($record);
            $this->refuseUnseen($record);

            return $record;
        });
    }

    /** What the group sees is seen by whoever has a part in it, and shows through nothing that others see. */
    private function refuseUnseen(Group $group): void
    {
        try {
            foreach (Viewer::throughGroup($group->id) as $seen) {
                $seen instanceof Goal ? $this->goals->check($seen) : $this->projects->check($seen);
            }
        } catch (RefusedChange $reason) {
            throw new RefusedChange('people', $reason->getMessage());
        }
    }

    /** @throws RefusedChange while goals are its own, or goals and projects are seen by it */
    public function remove(Person $who, Group $group): void
    {
        if (Viewer::query()->where('group_id', $group->id)->exists() || Goal::query()->where('group_id', $group->id)->exists()) {
            throw new RefusedChange(
                'group',
                "Goals or projects belong to “{$group->name}” or are visible to it. Change those first.",
            );
        }

        $this->log->change($who, "Deleted the group “{$group->name}”", function () use ($group): void {
            $this->attendees->outlive($group);
            $group->memberships()->get()->each(static fn(Membership $membership): ?bool => $membership->delete());
            $group->delete();
        });
    }
}
