<?php

declare(strict_types=1);

namespace App\Actions\People;

use App\Models\Admission;
use App\Models\Circle;
use App\Models\Goal;
use App\Models\Membership;
use App\Models\Person;
use App\Store\ChangeLog;
use App\Store\RefusedChange;

/** Names a group of people, says who is in it, or does away with it. */
final readonly class SaveCircle
{
    public function __construct(private ChangeLog $log)
    {
    }

    /** @param list<int> $people ids of all who are in it */
    public function __invoke(Person $who, string $name, array $people, ?Circle $circle = null): Circle
    {
        return $this->log->change($who, ($circle === null ? 'Made' : 'Changed')." the group “{$name}”", static function () use (
            $name,
            $people,
            $circle,
        ): Circle {
            $record = $circle ?? new Circle();
            $record->fill(['name' => $name])->save();
            $there = $record->memberships()->get();

            foreach ($there->whereNotIn('person_id', $people) as $left) {
                $left->delete();
            }

            foreach ($people as $person) {
                if (! $there->contains('person_id', $person)) {
                    Membership::query()->create(['circle_id' => $record->id, 'person_id' => $person]);
                }
            }

            return $record;
        });
    }

    /** @throws RefusedChange while goals are its own or are seen by it */
    public function remove(Person $who, Circle $circle): void
    {
        if (Admission::query()->where('circle_id', $circle->id)->exists() || Goal::query()->where('circle_id', $circle->id)->exists()) {
            throw new RefusedChange(
                'circle',
                "Goals belong to “{$circle->name}” or are visible to it. Change those goals first.",
            );
        }

        $this->log->change($who, "Deleted the group “{$circle->name}”", static function () use ($circle): void {
            $circle->memberships()->get()->each(static fn(Membership $membership): ?bool => $membership->delete());
            $circle->delete();
        });
    }
}
