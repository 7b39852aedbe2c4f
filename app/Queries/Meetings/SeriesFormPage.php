<?php

declare(strict_types=1);

namespace App\Queries\Meetings;

use App\Models\Attendee;
use App\Models\AttendingGroup;
use App\Models\Contact;
use App\Models\Guest;
use App\Models\Person;
use App\Models\Series;
use App\Models\StandingItem;
use App\Models\Workspace;
use App\Queries\Meetings\Answers\SeriesFormView;
use App\Queries\Meetings\Answers\SeriesValues;
use App\Queries\Meetings\Answers\StandingValues;
use App\Queries\Parts\Answers\GroupRow;
use App\Queries\Parts\Answers\Option;
use App\Queries\Parts\Answers\PersonTag;
use App\Queries\Parts\Choices;
use DateTimeZone;
use Loftrin\Core\Meetings\Agenda;

/** What the form for a series offers and what it is filled with. */
final readonly class SeriesFormPage
{
    public function __construct(private Workspace $workspace, private Choices $choices)
    {
    }

    public function blank(Person $viewer): SeriesFormView
    {
        return $this->page(
            $viewer,
            new SeriesValues(
                id: null,
                title: '',
                purpose: '',
                rule: 'FREQ=WEEKLY;BYDAY=MO',
                startsOn: $this->workspace->today(),
                time: '09:15',
                minutes: 60,
                openingMinutes: 3,
                isPrivate: false,
                attendees: array_values(Person::query()->orderBy('id')->get()->map(static fn(Person $person): int => $person->id)->all()),
                standing: [],
                closingMinutes: Agenda::CLOSING_MINUTES,
                rotatesEvery: 1,
                parts: null,
                project: null,
                area: null,
                guests: [],
                groups: [],
                timezone: null,
                appliesFrom: null,
            ),
        );
    }

    public function filled(Person $viewer, Series $series): SeriesFormView
    {
        return $this->page(
            $viewer,
            new SeriesValues(
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
                            static fn(StandingItem $item): StandingValues => new StandingValues(
                                $item->id,
                                $item->title,
                                $item->minutes,
                                $item->owner_id,
                                $item->goal_id,
                                $item->project_id,
                                $item->shows,
                            ),
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
            ),
        );
    }

    private function page(Person $viewer, SeriesValues $values): SeriesFormView
    {
        return new SeriesFormView(
            $values,
            PersonTag::all(),
            $this->choices->openGoals(),
            $this->choices->openProjects(),
            $this->choices->areas(),
            GroupRow::all(),
            DateTimeZone::listIdentifiers(),
            array_values(
                Contact::query()
                    ->orderBy('name')
                    ->get()
                    ->map(static fn(Contact $contact): Option => new Option((string) $contact->id, $contact->name))
                    ->all(),
            ),
        );
    }
}
