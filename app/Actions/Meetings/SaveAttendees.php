<?php

declare(strict_types=1);

namespace App\Actions\Meetings;

use App\Models\Attendee;
use App\Models\AttendingGroup;
use App\Models\Group;
use App\Models\Membership;
use App\Models\Series;

/** Who attends a series: the people chosen, and those of its groups, whoever they are. A part of other changes. */
final readonly class SaveAttendees
{
    /**
     * @param list<int> $people chosen one by one, in the order of turns
     * @param list<int> $groups
     *
     * @return list<int> all who attend then, in the order of turns
     */
    public static function all(array $people, array $groups): array
    {
        $members = Membership::query()
            ->whereIn('group_id', $groups)
            ->orderBy('id')
            ->get()
            ->map(static fn(Membership $membership): int => $membership->person_id)
            ->all();

        return array_values(array_unique([...$people, ...$members]));
    }

    /**
     * @param list<int> $people
     * @param list<int> $groups
     */
    public function __invoke(Series $series, array $people, array $groups): void
    {
        foreach ($series->attendingGroups()->whereNotIn('group_id', $groups)->get() as $left) {
            $left->delete();
        }

        foreach ($groups as $group) {
            AttendingGroup::query()->firstOrCreate(['series_id' => $series->id, 'group_id' => $group]);
        }

        $this->seat($series, $people, $groups);
    }

    /** After its people changed. A group is never left with nobody, and so no series is. */
    public function follow(Group $group): void
    {
        foreach ($this->seriesOf($group) as $series) {
            $groups = $series->attendingGroups()->get()->map(static fn(AttendingGroup $each): int => $each->group_id);
            $chosen = $series->attendees()->where('is_by_group', false)->get();
            $people = $chosen->map(static fn(Attendee $attendee): int => $attendee->person_id);
            $this->seat($series, array_values($people->all()), array_values($groups->all()));
        }
    }

    /** Before the group is deleted: whoever attends as one of it goes on as one who was chosen. */
    public function outlive(Group $group): void
    {
        foreach ($this->seriesOf($group) as $series) {
            $series->attendingGroups()->where('group_id', $group->id)->first()?->delete();
            $others = $series->attendingGroups()->get()->map(static fn(AttendingGroup $each): int => $each->group_id)->all();
            $byOthers = self::all([], array_values($others));

            foreach ($series->attendees()->where('is_by_group', true)->whereNotIn('person_id', $byOthers)->get() as $attendee) {
                $attendee->update(['is_by_group' => false]);
            }
        }
    }

    /**
     * @param list<int> $people
     * @param list<int> $groups
     */
    private function seat(Series $series, array $people, array $groups): void
    {
        $all = self::all($people, $groups);

        foreach ($series->attendees()->whereNotIn('person_id', $all)->get() as $left) {
            $left->delete();
        }

        foreach ($all as $position => $person) {
            Attendee::query()
                ->firstOrNew(['series_id' => $series->id, 'person_id' => $person])
                ->fill(['position' => $position, 'is_by_group' => ! in_array($person, $people, true)])
                ->save();
        }
    }

    /** @return iterable<Series> */
    private function seriesOf(Group $group): iterable
    {
        $attended = AttendingGroup::query()->where('group_id', $group->id)->select('series_id');

        return Series::query()->whereIn('id', $attended)->orderBy('id')->get();
    }
}
