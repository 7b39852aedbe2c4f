<?php

declare(strict_types=1);

namespace App\Queries\Meetings\Answers;

use App\Models\Attendee;
use App\Models\AttendingGroup;
use App\Models\Guest;
use App\Models\Series;
use App\Queries\Props;
use Loftrin\Core\Calendar\Day;

/** The fields of a series as the form holds them. */
final readonly class SeriesValues implements Props
{
    /**
     * @param list<int> $attendees people, in the order of turns
     * @param list<StandingValues> $standing
     * @param list<int> $guests contacts
     * @param list<int> $groups whose people attend, whoever they are
     * @param ?Day $appliesFrom asked for when another rule, time or length is to hold from a day on
     */
    public function __construct(
        public ?int $id,
        public string $title,
        public string $purpose,
        public string $rule,
        public Day $startsOn,
        public string $time,
        public int $minutes,
        public int $openingMinutes,
        public bool $isPrivate,
        public array $attendees,
        public array $standing,
        public int $closingMinutes,
        public int $rotatesEvery,
        public ?string $parts,
        public ?int $project,
        public ?int $area,
        public array $guests,
        public array $groups,
        public ?string $timezone,
        public ?Day $appliesFrom,
    ) {
    }

    public static function of(Series $series): self
    {
        return new self(
            id: $series->id,
            title: $series->title,
            purpose: $series->purpose ?? '',
            rule: $series->rule,
            startsOn: $series->starts_on,
            time: $series->time,
            minutes: $series->minutes,
            openingMinutes: $series->opening_minutes,
            isPrivate: $series->is_private,
            attendees: array_values(
                $series
                        ->attendees()
                        ->where('is_by_group', false)
                        ->get()
                        ->map(static fn(Attendee $attendee): int => $attendee->person_id)
                        ->all(),
            ),
            standing: array_values(
                $series
                        ->standingItems()
                        ->get()
                        ->map(
                            StandingValues::of(...),
                        )
                        ->all(),
            ),
            closingMinutes: $series->closing_minutes,
            rotatesEvery: $series->rotates_every,
            parts: $series->parts,
            project: $series->project_id,
            area: $series->area_id,
            guests: array_values($series->guests()->get()->map(static fn(Guest $guest): int => $guest->contact_id)->all()),
            groups: array_values(
                $series->attendingGroups()->get()->map(static fn(AttendingGroup $attending): int => $attending->group_id)->all(),
            ),
            timezone: $series->timezone,
            appliesFrom: null,
        );
    }
}
