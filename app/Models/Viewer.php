<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A group or a person that may see a goal or a project which is not for everyone.
 *
 * @property ?int $goal_id
 * @property ?int $project_id
 * @property ?int $group_id
 * @property ?int $person_id
 * @property-read ?Group $group
 * @property-read ?Person $person
 */
final class Viewer extends Record
{
    protected $table = 'viewers';

    /** @return BelongsTo<Group, $this> */
    public function group(): BelongsTo
    {
        return $this->belongsTo(Group::class);
    }

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsToPerson('person_id');
    }

    /** @return list<Goal|Project> what the people of a group may see through it */
    public static function throughGroup(int $group): array
    {
        $through = self::query()->where('group_id', $group);

        return [
            ...Goal::query()->whereIn('id', (clone $through)->select('goal_id'))->orderBy('id')->get(),
            ...Project::query()->whereIn('id', (clone $through)->select('project_id'))->orderBy('id')->get(),
        ];
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
