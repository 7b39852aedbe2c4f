<?php

declare(strict_types=1);

namespace App\Actions\People;

use App\Actions\Meetings\SaveAttendees;
use App\Models\Goal;
use App\Models\GoalViewer;
use App\Models\Group;
use App\Models\Membership;
use App\Models\Person;
use App\Store\ChangeLog;
use App\Store\RefusedChange;

/** Names a group of people, says who is in it, or does away with it. */
final readonly class SaveGroup
{
    public function __construct(private ChangeLog $log, private SaveAttendees $attendees)
    {
    }

    /** @param list<int> $people ids of all who are in it */
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

            return $record;
        });
    }

    /** @throws RefusedChange while goals are its own or are seen by it */
    public function remove(Person $who, Group $group): void
    {
        if (GoalViewer::query()->where('group_id', $group->id)->exists() || Goal::query()->where('group_id', $group->id)->exists()) {
            throw new RefusedChange('group', "Goals belong to “{$group->name}” or are visible to it. Change those goals first.");
        }

        $this->log->change($who, "Deleted the group “{$group->name}”", function () use ($group): void {
            $this->attendees->outlive($group);
            $group->memberships()->get()->each(static fn(Membership $membership): ?bool => $membership->delete());
            $group->delete();
        });
    }
}
