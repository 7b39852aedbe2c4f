<?php

declare(strict_types=1);

use App\Models\Absence;
use App\Models\Area;
use App\Models\Contact;
use App\Models\Decision;
use App\Models\Issue;
use App\Models\Letter;
use App\Models\Meeting;
use App\Models\MeetingException;
use App\Models\Point;
use App\Models\Role;
use App\Models\Series;
use Illuminate\Support\Carbon;
use League\CommonMark\CommonMarkConverter;
use Sabre\VObject\Reader;
use Tests\Feature\Made;

beforeEach(function (): void {
    Made::workspace();
    $this->noor = Made::person(Role::Lead, 'Noor Aksoy');
    $this->elif = Made::person(name: 'Elif Demir');
    // On Mondays; the day is Wednesday 10 February.
    $this->series = Made::series([$this->noor, $this->elif], ['title' => 'Quay hour']);
    $this->actingAs($this->noor);
    $this->page = fn(?Series $series = null): array => $this->props('/series/'.($series ?? $this->series)->id)['page'];
    $this->change = fn(string $day, array $sent) => $this->put("/series/{$this->series->id}/meetings/$day", $sent);
    $this->closed = function (string $on = '2027-02-08'): Meeting {
        $this->post("/series/{$this->series->id}/open", ['on' => $on, 'early' => true])->assertSessionHasNoErrors();
        $meeting = Meeting::query()->latest('id')->firstOrFail();
        $item = $meeting->items()->firstOrFail();
        $this->post("/agenda-items/$item->id/turn");

        foreach (['# no heading', '  * no list *', '1. no number', '', 'a_b_ <b>bold</b> & [link](http://x.y)'] as $place => $words) {
            $key = sprintf('3f0c7c1e-8b0f-4a53-9f39-%08d%04d', $meeting->id, $place);
            $this->put("/agenda-items/$item->id/lines", ['key' => $key, 'words' => $words, 'version' => 1])->assertSessionHasNoErrors();
        }

        $this->post("/agenda-items/$item->id/decisions", ['words' => 'We move *now*', 'because' => 'It is deeper.']);
        $this->post("/agenda-items/$item->id/next-steps", ['title' => 'Tell the office, to Elif']);
        $this->post("/meetings/$meeting->id/close", ['summary' => "We move.\n\nAll of us."])->assertSessionHasNoErrors();

        return $meeting->refresh();
    };
});

describe('a meeting that is not as usual', function (): void {
    it('is moved with its day and time, and the others stay', function (): void {
        ($this->change)('2027-02-15', ['movedTo' => '2027-02-16', 'time' => '11:00', 'reason' => 'Ferry'])->assertSessionHasNoErrors();
        expect(array_map(static fn(array $row): array => [$row['on'], $row['time']], array_slice(($this->page)()['coming'], 0, 2)))
            ->toBe([['2027-02-16', '11:00'], ['2027-02-22', '09:15']])
            ->and(($this->page)()['series']['next'])
            ->toBe('2027-02-16');
        $week = $this->props('/weeks/2027-W07')['page']['days'];
        expect(collect($week)->firstWhere('on', '2027-02-16')['meetings'][0]['time'])
            ->toBe('11:00')
            ->and(collect($week)->firstWhere('on', '2027-02-15')['meetings'])
            ->toBe([]);
        $this->post("/series/{$this->series->id}/open", ['on' => '2027-02-16', 'early' => true]);
        expect(Meeting::query()->sole()->time)->toBe('11:00');
    });

    it('is cancelled, and restored', function (): void {
        ($this->change)('2027-02-15', ['movedTo' => null, 'reason' => 'Holiday'])->assertSessionHasNoErrors();
        expect(($this->page)()['series']['next'])
            ->toBe('2027-02-22')
            ->and(($this->page)()['coming'][0])
            ->toBe(['by' => '2027-02-15', 'on' => null, 'time' => '09:15', 'isChanged' => true, 'reason' => 'Holiday'])
            ->and(collect($this->props('/people')['page']['people'])->firstWhere('person.id', $this->noor->id)['hours'][1]['taken'])
            ->toBe(0);
        $this->delete("/series/{$this->series->id}/meetings/2027-02-15")->assertSessionHasNoErrors();
        $this->delete("/series/{$this->series->id}/meetings/2027-02-15")->assertSessionHasErrors('on');
        expect(($this->page)()['series']['next'])
            ->toBe('2027-02-15')
            ->and(MeetingException::query()->count())
            ->toBe(0);
    });

    it('can be moved before the one that came first', function (): void {
        ($this->change)('2027-02-22', ['movedTo' => '2027-02-12'])->assertSessionHasNoErrors();
        expect(($this->page)()['series']['next'])->toBe('2027-02-12');
    });

    it('is refused where it cannot be', function (string $day, array $sent, string $field): void {
        ($this->change)($day, $sent)->assertSessionHasErrors($field);
        expect(MeetingException::query()->count())->toBe(0);
    })->with([
        'no meeting that day' => ['2027-02-16', ['movedTo' => null], 'on'],
        'onto another one' => ['2027-02-15', ['movedTo' => '2027-02-22'], 'movedTo'],
        'into the past' => ['2027-02-15', ['movedTo' => '2027-02-09'], 'movedTo'],
        'a year away' => ['2027-02-15', ['movedTo' => '2028-02-15'], 'movedTo'],
        'no time' => ['2027-02-15', ['movedTo' => '2027-02-16', 'time' => '25:00'], 'time'],
        'no day' => ['2027-02-15', ['movedTo' => 'soon'], 'movedTo'],
    ]);

    it('leaves what was held alone when the rule changes', function (): void {
        $meeting = ($this->closed)();
        $this->put("/series/{$this->series->id}", [
            'title' => 'Quay hour',
            'rule' => 'FREQ=WEEKLY;BYDAY=TH',
            'startsOn' => '2027-02-11',
            'time' => '08:00',
            'minutes' => 20,
            'attendees' => [$this->noor->id],
        ])->assertSessionHasNoErrors();
        expect([(string) $meeting->refresh()->on, $meeting->time, $meeting->minutes])
            ->toBe(['2027-02-08', '09:15', 30])
            ->and(($this->page)()['series']['next'])
            ->toBe('2027-02-11');
    });
});

it('asks before it opens a meeting whose day has not come', function (): void {
    $open = "/series/{$this->series->id}/open";
    $this->post($open, ['on' => '2027-02-15'])->assertSessionHasErrors('early');
    expect(Meeting::query()->count())->toBe(0);
    $this->post($open, ['on' => '2027-02-15', 'early' => true])->assertSessionHasNoErrors();
});

it('holds a meeting that stands alone', function (): void {
    $project = Made::project($this->noor);
    $this->post('/series', [
        'title' => 'Call with the mill',
        'rule' => 'FREQ=DAILY;COUNT=1',
        'startsOn' => Made::TODAY,
        'time' => '14:00',
        'minutes' => 30,
        'attendees' => [$this->noor->id],
        'project' => $project->id,
        'rotatesEvery' => 4,
        'closingMinutes' => 3,
        'standing' => [
            ['title' => 'Register', 'minutes' => 5, 'shows' => 'register'],
            ['title' => 'Team', 'minutes' => 2, 'shows' => 'team_week'],
            ['title' => 'Project', 'minutes' => 5, 'project' => $project->id],
        ],
    ])->assertSessionHasNoErrors();
    $series = Series::query()->latest('id')->firstOrFail();
    $page = ($this->page)($series);
    expect([$page['series']['rule'], $page['series']['next'], count($page['coming'])])
        ->toBe(['once', Made::TODAY, 1])
        ->and($page['belongsTo'][0]['label'])
        ->toBe($project->title)
        ->and($this->props("/series/$series->id/edit")['page']['series'])
        ->toMatchArray(['rotatesEvery' => 4, 'closingMinutes' => 3, 'project' => $project->id]);
    $this->post("/series/$series->id/open", ['on' => Made::TODAY])->assertSessionHasNoErrors();
    $meeting = Meeting::query()->sole();
    $looks = array_column($this->props("/meetings/$meeting->id")['page']['items'], 'look', 'title');
    expect(array_map(static fn(?array $look): ?string => $look['value'] ?? null, $looks))->toBe([
        'Register' => '/projects',
        'Team' => '/reviews/team',
        'Project' => "/projects/$project->id",
        'Closing' => null,
    ]);
});

it('has guests without an account, who stand in its minutes', function (): void {
    $area = Area::query()->create(['name' => 'Harbours', 'kind' => 'client', 'owner_id' => $this->noor->id]);
    $sten = Contact::query()->create(['area_id' => $area->id, 'name' => 'Sten Berg', 'person_id' => $this->noor->id]);
    $fields = [
        'title' => 'Quay hour',
        'rule' => 'FREQ=WEEKLY;BYDAY=MO',
        'startsOn' => '2027-01-04',
        'time' => '09:15',
        'minutes' => 30,
        'attendees' => [$this->noor->id],
    ];
    $this->put("/series/{$this->series->id}", [...$fields, 'guests' => [999]])->assertSessionHasErrors('guests.0');
    $this->put("/series/{$this->series->id}", [...$fields, 'guests' => [$sten->id]])->assertSessionHasNoErrors();
    expect(($this->page)()['guests'])->toBe(['Sten Berg']);
    $this->post("/series/{$this->series->id}/open", ['on' => '2027-02-08']);
    $meeting = Meeting::query()->sole();
    $room = $this->props("/meetings/$meeting->id")['page'];
    expect(array_column($room['attendances'], 'name'))
        ->toBe(['Noor Aksoy', 'Sten Berg'])
        ->and(array_column($room['people'], 'name'))
        ->toBe(['Noor Aksoy']);
    $this->put("/attendances/{$room['attendances'][1]['id']}", ['wasThere' => false])->assertSessionHasNoErrors();
    $this->post("/meetings/$meeting->id/close");
    expect($this->props("/meetings/$meeting->id")['page']['minutes'])->toMatchArray([
        'present' => ['Noor Aksoy'],
        'absent' => ['Sten Berg'],
    ]);
    $this->put("/series/{$this->series->id}", $fields)->assertSessionHasNoErrors();
    expect(($this->page)()['guests'])->toBe([]);
});

it('passes over who is known to be away, and changes roles every so many meetings', function (): void {
    expect([($this->page)()['chair'], ($this->page)()['minuteTaker']])->toBe(['Noor Aksoy', 'Elif Demir']);
    Absence::query()->create(['person_id' => $this->noor->id, 'first_on' => '2027-02-14', 'last_on' => '2027-02-20']);
    expect(($this->page)()['chair'])->toBe('Elif Demir');
    Absence::query()->delete();
    $this->series->update(['rotates_every' => 2]);
    ($this->closed)();
    expect(($this->page)()['chair'])->toBe('Noor Aksoy');
    $this->series->update(['rotates_every' => 1]);
    expect(($this->page)()['chair'])->toBe('Elif Demir');
});

it('lets every attendee run the meeting, and only its owner or a lead change it', function (): void {
    $this->post("/series/{$this->series->id}/open", ['on' => '2027-02-08']);
    $meeting = Meeting::query()->sole();
    $this->actingAs($this->elif);
    expect($this->props("/meetings/$meeting->id")['page']['mayRun'])
        ->toBeTrue()
        ->and(($this->page)()['mayRun'])
        ->toBeTrue()
        ->and(($this->page)()['mayChange'])
        ->toBeFalse();
});

describe('minutes in open formats', function (): void {
    it('are CommonMark that says what was written, to the letter', function (): void {
        $meeting = ($this->closed)();
        $response = $this->get("/meetings/$meeting->id/minutes.md")->assertOk();
        $text = html_entity_decode(strip_tags((new CommonMarkConverter())->convert((string) $response->getContent())->getContent()));

        expect($response->headers->get('Content-Type'))->toContain('text/markdown');

        foreach (
            [
                '# no heading',
                '* no list *',
                '1. no number',
                'a_b_ <b>bold</b> & [link](http://x.y)',
                'We move *now*',
                'Reason: It is deeper.',
                'Tell the office: Elif Demir, by 2027-02-15',
                'Present: Noor Aksoy, Elif Demir',
                'All of us.',
            ] as $words
        ) {
            expect($text)->toContain($words);
        }
        expect(substr_count((string) $response->getContent(), "\n# "))->toBe(0);
    });

    it('are a PDF with the same words', function (): void {
        $meeting = ($this->closed)();
        $pdf = (string) $this->get("/meetings/$meeting->id/minutes.pdf")
            ->assertOk()
            ->getContent();
        expect($pdf)->toStartWith('%PDF-1.')->and(rtrim($pdf))->toEndWith('%%EOF');
    });

    it('are there when the meeting is closed, and to those who may see it', function (): void {
        $this->post("/series/{$this->series->id}/open", ['on' => '2027-02-08']);
        $meeting = Meeting::query()->sole();
        $this->get("/meetings/$meeting->id/minutes.md")->assertNotFound();
        $this->series->update(['is_private' => true]);
        $this->post("/meetings/$meeting->id/close");
        $this->actingAs(Made::person());
        $this->get("/meetings/$meeting->id/minutes.md")->assertNotFound();
        $this->get("/meetings/$meeting->id/minutes.pdf")->assertNotFound();
        $this->get("/series/{$this->series->id}/next.ics")->assertNotFound();
        $this->get("/series/{$this->series->id}/record")->assertNotFound();
    });

    it('give the next meeting to calendars', function (): void {
        $this->series->update(['purpose' => 'Where we are; what next, "all" of it']);
        $calendar = Reader::read(
            (string) $this->get("/series/{$this->series->id}/next.ics")
                ->assertOk()
                ->getContent(),
        );
        $event = $calendar->VEVENT;
        expect($calendar->validate())
            ->toBe([])
            ->and((string) $event->SUMMARY)
            ->toBe('Quay hour')
            ->and((string) $event->DTSTART)
            ->toBe('20270215T091500Z')
            ->and((string) $event->DTEND)
            ->toBe('20270215T094500Z')
            ->and((string) $event->DESCRIPTION)
            ->toBe('Where we are; what next, "all" of it');
    });
});

it('sends minutes once to whoever was there or missed it, and says who got them', function (): void {
    $this->post("/series/{$this->series->id}/open", ['on' => '2027-02-08']);
    $running = Meeting::query()->sole();
    $this->post("/meetings/$running->id/send")->assertSessionHasErrors('meeting');
    $running
        ->attendances()
        ->where('person_id', $this->elif->id)
        ->update(['was_there' => false]);
    $this->post("/meetings/$running->id/close", ['summary' => 'Short.']);
    $this->post("/meetings/$running->id/send")->assertSessionHasNoErrors();
    $this->post("/meetings/$running->id/send")->assertSessionHasErrors('meeting');
    expect(Letter::query()->orderBy('id')->pluck('person_id')->all())
        ->toBe([$this->noor->id, $this->elif->id])
        ->and(Letter::query()->first()?->body)
        ->toContain('Absent: Elif Demir')
        ->and(array_column($this->props("/meetings/$running->id")['page']['sent'], 'name'))
        ->toBe(['Noor Aksoy', 'Elif Demir']);
});

it('sends the agenda the day before to whoever wants it, with what will not fit', function (): void {
    $this->post("/series/{$this->series->id}/issues", ['title' => 'Berth 7', 'minutes' => 20, 'rank' => 'A']);
    $this->post("/series/{$this->series->id}/issues", ['title' => 'Label colour', 'minutes' => 20]);
    $this->actingAs($this->elif)
        ->put('/notifications', ['event' => 'meeting', 'delivery' => 'updates'])
        ->assertSessionHasNoErrors();
    Made::later('2027-02-13');
    $this->get('/')->assertOk();
    expect(Letter::query()->count())->toBe(0);
    Made::later('2027-02-14');
    $this->get('/')->assertOk();
    $this->get('/')->assertOk();
    $letter = Letter::query()->sole();
    expect([$letter->person_id, $letter->subject, $letter->body])->toBe([
        $this->noor->id,
        'Tomorrow 09:15: Quay hour',
        "09:15  Berth 7, 20 min, Noor Aksoy\n09:43  Closing, 2 min\n\nWill not fit:\nLabel colour, 20 min",
    ]);
});

describe('the register of decisions', function (): void {
    it('has those of meetings and those made outside, with reason, meeting and what they are for', function (): void {
        $meeting = ($this->closed)();
        $project = Made::project($this->noor);
        $this->post('/decisions', [
            'words' => 'We sell by post',
            'because' => 'They ask.',
            'project' => $project->id,
            'on' => '2027-02-09',
        ])->assertSessionHasNoErrors();
        [$post, $move] = $this->props('/decisions')['page']['decisions'];
        expect([$post['by'], $post['link'], $post['for'], $post['mayDelete']])
            ->toBe(['Noor Aksoy', null, $project->title, true])
            ->and([$move['by'], $move['link'], $move['because'], $move['mayDelete']])
            ->toBe(['Quay hour', "/meetings/$meeting->id", 'It is deeper.', false]);
    });

    it('is searched by any word and by who was there, and so are the minutes', function (): void {
        ($this->closed)();
        $look = fn(string $query): array => $this->props("/decisions?$query")['page'];
        expect($look('q=DEEPER')['decisions'])
            ->toHaveCount(1)
            ->and($look('q=number')['decisions'])
            ->toBe([])
            ->and($look('q=no+number')['minutes'][0]['words'])
            ->toBe('1. no number')
            ->and($look('q=%3Cb%3Ebold')['minutes'])
            ->toHaveCount(1)
            ->and($look('q=nextSteps')['minutes'])
            ->toBe([])
            ->and($look("who={$this->elif->id}")['minutes'])
            ->toHaveCount(1)
            ->and($look('who='.Made::person(name: 'Kwame Boateng')->id)['minutes'])
            ->toBe([]);
    });

    it('shows nothing of a private meeting to others', function (): void {
        $this->series->update(['is_private' => true]);
        ($this->closed)();
        $this->actingAs(Made::person());
        $page = $this->props('/decisions?q=move')['page'];
        expect([$page['decisions'], $page['minutes']])
            ->toBe([[], []])
            ->and(json_encode($this->props('/decisions')))
            ->not->toContain('We move');
    });

    it('takes no decision out that its minutes have, and none for a goal that not all may see', function (): void {
        ($this->closed)();
        $decision = Decision::query()->sole();
        $this->delete("/decisions/$decision->id")->assertSessionHasErrors('decision');
        $own = Made::goal($this->noor, '2027-Q1', ['visibility' => 'only_me']);
        $this->post('/decisions', ['words' => 'x', 'goal' => $own->id])->assertSessionHasErrors('goal');
        expect(Decision::query()->count())->toBe(1);
    });
});

describe('points for people', function (): void {
    it('are there in whichever meeting brings the two together, and only for who noted them', function (): void {
        $this->post('/points', ['words' => 'Her sabbatical', 'about' => $this->elif->id])->assertSessionHasNoErrors();
        $other = Made::series([$this->noor, Made::person(name: 'Kwame Boateng')]);
        expect(array_column(($this->page)()['points'], 'words'))
            ->toBe(['Her sabbatical'])
            ->and(($this->page)($other)['points'])
            ->toBe([]);
        $this->actingAs($this->elif);
        $point = Point::query()->sole();
        expect(($this->page)()['points'])
            ->toBe([])
            ->and(json_encode($this->props("/series/{$this->series->id}")))
            ->not->toContain('sabbatical');
        $this->put("/points/$point->id", ['isDone' => true])->assertNotFound();
        $this->delete("/points/$point->id")->assertNotFound();
    });

    it('stay in sight on the day they were raised, and then are gone', function (): void {
        $this->post('/points', ['words' => 'Her sabbatical', 'about' => $this->elif->id]);
        $point = Point::query()->sole();
        $this->put("/points/$point->id", ['isDone' => true])->assertSessionHasNoErrors();
        expect(($this->page)()['points'][0]['isDone'])->toBeTrue();
        Made::later('2027-02-11');
        expect(($this->page)()['points'])->toBe([]);
    });
});

describe('an issue', function (): void {
    it('can be said anew, who raised it stays', function (): void {
        $this->actingAs($this->elif)->post("/series/{$this->series->id}/issues", ['title' => 'Berth', 'source' => 'A mail of the harbour']);
        $issue = Issue::query()->sole();
        $this->actingAs($this->noor)
            ->put("/issues/$issue->id", ['title' => 'Berth 7', 'rank' => 'A', 'seen' => ['title' => 'Berth', 'rank' => '']])
            ->assertSessionHasNoErrors();
        expect($issue->refresh()->only(['title', 'source', 'raised_by']))->toBe([
            'title' => 'Berth 7',
            'source' => 'A mail of the harbour',
            'raised_by' => $this->elif->id,
        ]);
        $this->put("/issues/$issue->id", ['title' => 'Mine', 'seen' => ['title' => 'Berth']])->assertSessionHasErrors('title');
        $this->delete("/issues/$issue->id");
        $this->delete("/issues/$issue->id")->assertSessionHasErrors('issue');
        $this->put("/issues/$issue->id", ['title' => 'Too late'])->assertSessionHasErrors('title');
    });

    it('is not about a task that its writer may not see', function (): void {
        $secret = Made::task($this->elif, ['visibility' => 'only_me']);
        $this->post("/series/{$this->series->id}/issues", ['title' => 'x', 'task' => $secret->id])->assertSessionHasErrors('task');
        $mine = Made::task($this->noor, ['title' => 'Mine alone', 'visibility' => 'only_me']);
        $this->post("/series/{$this->series->id}/issues", ['title' => 'x', 'task' => $mine->id])->assertSessionHasNoErrors();
        $issue = Issue::query()->sole();
        expect($this->props("/issues/$issue->id")['page']['about']['title'])->toBe('Mine alone');
        $this->actingAs($this->elif);
        expect($this->props("/issues/$issue->id")['page']['about'])->toBeNull();
    });
});

it('says how the meetings go', function (): void {
    $this->series->standingItems()->create(['title' => 'Figures', 'minutes' => 20, 'position' => 0]);
    $this->post("/series/{$this->series->id}/issues", ['title' => 'Waiting']);

    foreach (['2027-01-18', '2027-01-25', '2027-02-01'] as $place => $on) {
        $meeting = Meeting::query()->create([
            'series_id' => $this->series->id,
            'on' => $on,
            'time' => '09:15',
            'minutes' => 30,
            'opened_at' => "$on 09:15:00",
            'closed_at' => "$on 09:45:00",
        ]);
        $meeting->attendances()->create(['person_id' => $this->noor->id, 'was_there' => true]);
        $meeting->items()->create([
            'kind' => 'standing',
            'title' => 'Figures',
            'minutes' => 20,
            'position' => 0,
            'begun_at' => "$on 09:15:00",
            'ended_at' => Carbon::parse("$on 09:15:00")->addMinutes(8 + $place),
        ]);
    }
    $page = $this->props("/series/{$this->series->id}/record")['page'];
    expect($page['items'][0])
        ->toEqual(['title' => 'Figures', 'planned' => 20, 'took' => 9, 'times' => 3, 'advice' => 10])
        ->and($page)
        ->toMatchArray(['hours' => 1.5, 'open' => 1, 'oldestDays' => 0, 'kept' => 0, 'promised' => 0])
        ->and(array_column($page['meetings'], 'took'))
        ->toBe([30, 30, 30]);
});

describe('a project and an area', function (): void {
    it('show their meetings, what is to be discussed and what was decided, as far as one may know of them', function (): void {
        $area = Area::query()->create(['name' => 'Moorings', 'kind' => 'area', 'owner_id' => $this->noor->id]);
        $project = Made::project($this->noor, more: ['area_id' => $area->id]);
        $this->series->update(['project_id' => $project->id]);
        $hidden = Made::series([$this->elif], ['title' => 'Two of us', 'is_private' => true, 'project_id' => $project->id]);
        Made::series([$this->noor], ['title' => 'Yard', 'area_id' => $area->id]);
        $this->post("/series/{$this->series->id}/issues", ['title' => 'Berth 7']);
        $this->actingAs($this->elif)->post("/series/$hidden->id/issues", ['title' => 'Hush', 'project' => $project->id]);
        $this->actingAs($this->noor)->post('/decisions', ['words' => 'We go by boat', 'project' => $project->id]);
        $labels = static fn(array $beside): array => [
            array_column($beside['meetings'], 'label'),
            array_column($beside['issues'], 'label'),
            array_column($beside['decisions'], 'words'),
        ];

        expect($labels($this->props("/projects/$project->id")['page']['meetings']))
            ->toBe([['Quay hour'], ['Berth 7'], ['We go by boat']])
            ->and($labels($this->props("/areas/$area->id")['page']['meetings']))
            ->toBe([['Yard'], [], ['We go by boat']]);
        $this->actingAs($this->elif);
        expect($labels($this->props("/projects/$project->id")['page']['meetings'])[1])->toBe(['Berth 7', 'Hush']);
    });

    it('let an issue be raised in any meeting that one may know of', function (): void {
        Made::series([$this->elif], ['title' => 'Two of us', 'is_private' => true]);
        expect(array_column($this->getJson('/series/choices')->assertOk()->json(), 'label'))->toBe(['Quay hour']);
    });
});
