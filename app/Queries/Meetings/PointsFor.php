<?php

declare(strict_types=1);

namespace App\Queries\Meetings;

use App\Models\Person;
use App\Models\Point;
use App\Models\Workspace;
use App\Queries\Meetings\Answers\PointRow;
use Illuminate\Database\Eloquent\Builder;

/** What a person has to raise with others: theirs alone, in whichever meeting brings them together. */
final readonly class PointsFor
{
    public function __construct(private Workspace $workspace)
    {
    }

    /**
     * Open ones, and those that were raised today.
     *
     * @param ?list<int> $attendees with whom; null for anybody
     *
     * @return list<PointRow>
     */
    public function with(Person $viewer, ?array $attendees): array
    {
        return array_values(
            Point::query()
                ->where('person_id', $viewer->id)
                ->when($attendees !== null, static fn(Builder $query) => $query->whereIn('about_id', $attendees ?? []))
                ->where(fn(Builder $either) => $either->whereNull('done_on')->orWhere('done_on', (string) $this->workspace->today()))
                ->orderBy('id')
                ->get()
                ->map(PointRow::of(...))
                ->all(),
        );
    }
}
