<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A group or a person that may see a goal which is not for everyone.
 *
 * @property int $goal_id
 * @property ?int $group_id
 * @property ?int $person_id
 * @property-read ?Group $group
 */
final class GoalViewer extends Record
{
    protected $table = 'goal_viewers';

    /** @return BelongsTo<Group, $this> */
    public function group(): BelongsTo
    {
        return $this->belongsTo(Group::class);
    }

    /** @return list<int> ids of the people it admits */
    public function people(): array
    {
        if ($this->person_id !== null) {
            return [$this->person_id];
        }

        return array_map(
            static fn(Membership $membership): int => $membership->person_id,
            array_values($this->group?->memberships->all() ?? []),
        );
    }
}
