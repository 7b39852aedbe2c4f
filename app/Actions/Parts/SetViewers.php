<?php

declare(strict_types=1);

namespace App\Actions\Parts;

use App\Models\Goal;
use App\Models\Person;
use App\Models\Project;
use App\Models\Viewer;
use App\Models\Visibility;
use App\Store\RefusedChange;

/** Says who may see a goal or a project, as a part of saving it. What belongs to it is seen by the same people. */
final readonly class SetViewers
{
    /**
     * @param Goal|Project $whole as it was just saved
     * @param list<int> $groups that may see it, if they are chosen
     * @param list<int> $people likewise
     *
     * @throws RefusedChange at the field that would keep it from those who need to see it
     */
    public function __invoke(Person $who, Goal|Project $whole, array $groups, array $people): void
    {
        $this->write($whole, $groups, $people);
        $whole->load('viewers.group.memberships');
        $what = $whole instanceof Goal ? 'goal' : 'project';

        match (true) {
            $whole->visibility === Visibility::OnlyMe && $whole->owner_id !== $who->id => throw new RefusedChange(
                'visibility',
                "A $what visible only to its owner must be your own.",
            ),
            ! $whole->audience()->admits($who->id) => throw new RefusedChange(
                'visibility',
                'You would not be able to see it yourself. Add yourself or one of your groups.',
            ),
            $whole->counts_unnamed && $whole->owner_id !== $who->id && ($whole->wasRecentlyCreated || $whole->wasChanged('counts_unnamed'))
                => throw new RefusedChange(
                    'countsUnnamed',
                    "Only {$whole->owner->name} can choose this.",
                ),
            default => null,
        };
    }

    /**
     * @param list<int> $groups
     * @param list<int> $people
     */
    private function write(Goal|Project $whole, array $groups, array $people): void
    {
        $wanted =
            $whole->visibility === Visibility::Chosen
                ? [
                    ...array_map(static fn(int $id): array => ['group_id' => $id, 'person_id' => null], $groups),
                    ...array_map(static fn(int $id): array => ['group_id' => null, 'person_id' => $id], $people),
                ]
                : [];

        if ($whole->visibility === Visibility::Chosen && $wanted === []) {
            throw new RefusedChange('visibility', 'Choose at least one group or person, or make it visible only to you.');
        }

        foreach ($whole->viewers()->get() as $viewer) {
            $place = array_search(['group_id' => $viewer->group_id, 'person_id' => $viewer->person_id], $wanted, true);

            if ($place === false) {
                $viewer->delete();
            } else {
                unset($wanted[$place]);
            }
        }

        foreach ($wanted as $columns) {
            Viewer::query()->create([$whole->getForeignKey() => $whole->id, ...$columns]);
        }
    }
}
