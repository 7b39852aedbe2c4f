<?php

declare(strict_types=1);

namespace App\Queries\People;

use App\Models\Person;
use App\Models\Project;
use App\Models\ProtectedHours;
use App\Models\Relations\Everybody;
use App\Models\Task;
use App\Models\Workspace;
use App\Queries\Parts\Answers\GroupRow;
use App\Queries\Parts\Answers\PersonTag;
use App\Queries\Parts\Answers\ProtectedHoursRow;
use App\Queries\People\Answers\People;
use App\Queries\People\Answers\PersonRow;
use App\Store\Question;
use App\Store\Remembered;

/** Who is here, and how much each has on their hands. */
final readonly class PeoplePage
{
    public function __construct(
        private Workspace $workspace,
        private Everybody $everybody,
        private HoursAhead $hours,
        private Remembered $remembered,
        private Invitations $invitations,
    ) {
    }

    public function of(Person $viewer): People
    {
        return $this->remembered
            ->of(Question::by($viewer, 'people'), fn(): People => $this->workOut($viewer))
            ->awaiting($this->invitations->for($viewer));
    }

    private function workOut(Person $viewer): People
    {
        $active = Project::query()
            ->visibleTo($viewer)
            ->where('state', 'active')
            ->selectRaw('owner_id, count(*) as projects')
            ->groupBy('owner_id')
            ->pluck('projects', 'owner_id');
        $open = Task::query()->visibleTo($viewer)->onLists();
        $counts = (clone $open)
            ->toBase()
            ->groupBy('owner_id')
            ->selectRaw('owner_id, count(*) as open, count(*) filter (where due_on < ?) as late', [(string) $this->workspace->today()])
            ->get()
            ->keyBy('owner_id');
        $hours = $this->hours->cells($viewer);
        $kept = ProtectedHours::query()->orderBy('from')->orderBy('id')->get()->groupBy('person_id');

        return new People(
            self::fullestFirst(
                $this->everybody
                    ->all()
                    ->map(
                        static fn(Person $person): PersonRow => new PersonRow(
                            person: PersonTag::of($person),
                            role: $person->role,
                            email: $person->email,
                            weeklyHours: $person->weekly_hours,
                            active: is_numeric($active->get($person->id)) ? (int) $active->get($person->id) : 0,
                            open: (int) ($counts->get($person->id)->open ?? 0),
                            late: (int) ($counts->get($person->id)->late ?? 0),
                            hours: $person->deactivated_on === null ? $hours[$person->id] ?? [] : [],
                            kept: array_values(array_map(ProtectedHoursRow::of(...), $kept->get($person->id)?->all() ?? [])),
                            isAside: $person->deactivated_on !== null,
                        ),
                    )
                    ->all(),
            ),
            GroupRow::all(),
            $this->hours->weeks(),
            $viewer->isLead(),
        );
    }

    /**
     * Who has least time left this week comes first, as it is shown to the reader; who left comes last.
     *
     * @param array<array-key, PersonRow> $rows
     *
     * @return list<PersonRow>
     */
    private static function fullestFirst(array $rows): array
    {
        $place = static fn(PersonRow $row): array => [$row->isAside, $row->hours[0]->free ?? PHP_INT_MAX, $row->person->name];
        usort($rows, static fn(PersonRow $a, PersonRow $b): int => $place($a) <=> $place($b));

        return $rows;
    }
}
