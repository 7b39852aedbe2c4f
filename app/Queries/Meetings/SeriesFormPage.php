<?php

declare(strict_types=1);

namespace App\Queries\Meetings;

use App\Models\Contact;
use App\Models\Person;
use App\Models\Series;
use App\Models\Workspace;
use App\Queries\Meetings\Answers\SeriesFormView;
use App\Queries\Meetings\Answers\SeriesValues;
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
        return $this->page($viewer, SeriesValues::of($series));
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
