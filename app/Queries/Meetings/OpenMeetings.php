<?php

declare(strict_types=1);

namespace App\Queries\Meetings;

use App\Models\Meeting;
use App\Models\Person;
use App\Models\Workspace;
use Illuminate\Database\Eloquent\Builder;

/** Meetings that were opened and that nobody has closed yet. */
final readonly class OpenMeetings
{
    public function __construct(private Workspace $workspace)
    {
    }

    /** @return Builder<Meeting> those of earlier days that the person attends, the latest first */
    public function left(Person $attendee): Builder
    {
        return Meeting::query()
            ->whereNull('closed_at')
            ->where('on', '<', (string) $this->workspace->today())
            ->whereHas('series.attendees', static fn(Builder $attendees) => $attendees->where('person_id', $attendee->id))
            ->with('series')
            ->orderByDesc('on')
            ->orderByDesc('id');
    }
}
