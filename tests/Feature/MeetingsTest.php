<?php

declare(strict_types=1);

use App\Models\AgendaItem;
use App\Models\Issue;
use App\Models\Meeting;
use App\Models\Role;
use App\Models\Series;
use App\Models\StandingItem;
use App\Models\Task;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Meetings\AgendaKind;
use Tests\Feature\Made;

beforeEach(function (): void {
    Made::workspace();
    $this->me = Made::person(Role::Lead, 'Noor Aksoy');
    $this->elif = Made::person(name: 'Elif Demir');
    $this->series = Made::series([$this->me, $this->elif]);
    StandingItem::query()->create(['series_id' => $this->series->id, 'position' => 0, 'title' => 'Harbours', 'minutes' => 3]);
    $this->actingAs($this->me);
});

function raise(Series $series, string $title, array $more = []): Issue
{
    test()
        ->post("/series/$series->id/issues", ['title' => $title, ...$more])
        ->assertSessionHasNoErrors();

    return Issue::query()->latest('id')->firstOrFail();
}

function opened(Series $series, string $on = '2027-02-15'): Meeting
{
    test()
        ->post("/series/$series->id/open", ['on' => $on, 'early' => true])
        ->assertSessionHasNoErrors();

    return Meeting::query()->latest('id')->firstOrFail();
}

function writeLine(AgendaItem $item, string $words, ?string $key = null, int $version = 1): TestResponse
{
    return test()->put("/agenda-items/$item->id/lines", [
        'key' => $key ?? Str::uuid()->toString(),
        'words' => $words,
        'version' => $version,
    ]);
}

it('sets up a series with what comes every time', function (): void {
    $this->post('/series', [
        'title' => 'Product meeting',
        'rule' => 'FREQ=WEEKLY;INTERVAL=2;BYDAY=TH',
        'startsOn' => '2027-02-11',
        'time' => '14:00',
        'minutes' => 45,
        'attendees' => [$this->me->id, $this->elif->id],
        'standing' => [['title' => 'Failures', 'minutes' => 10, 'owner' => $this->elif->id]],
    ])->assertSessionHasNoErrors();

    $page = $this->props('/series/2')['page'];
    expect($page['series'])
        ->toMatchArray(['rule' => 'every second Thursday', 'next' => '2027-02-11'])
        ->and(array_column($page['agenda']['items'], 'title'))
        ->toBe(['Failures', 'Closing'])
        ->and($page['agenda']['items'][0]['who'])
        ->toBe('Elif Demir');
});

it('refuses a series that breaks a rule', function (array $input, string $field): void {
    $this->post('/series', [
        'title' => 'x',
        'rule' => 'FREQ=DAILY',
        'startsOn' => '2027-02-11',
        'time' => '14:00',
        'minutes' => 30,
        'attendees' => [$this->elif->id],
        ...$input,
    ])->assertSessionHasErrors($field);
    expect(Series::query()->count())->toBe(1);
})->with([
    [['rule' => 'sometimes'], 'rule'],
    [['time' => '25:00'], 'time'],
    [['attendees' => []], 'attendees'],
    [['isPrivate' => true], 'isPrivate'],
    [['standing' => [['title' => 'x', 'minutes' => 31]]], 'standing'],
    [['standing' => [['title' => '', 'minutes' => 1]]], 'standing.0.title'],
    [['openingMinutes' => 31], 'openingMinutes'],
    [['openingMinutes' => 61], 'openingMinutes'],
    [['openingMinutes' => -1], 'openingMinutes'],
    [['openingMinutes' => 20, 'standing' => [['title' => 'x', 'minutes' => 11]]], 'standing'],
]);

it('opens with a round where it is wanted, which takes its time from the issues', function (): void {
    $this->series->update(['opening_minutes' => 4]);
    raise($this->series, 'Grows', ['rank' => 'A', 'minutes' => 8]);
    raise($this->series, 'Too long now', ['rank' => 'B', 'minutes' => 14]);
    $page = $this->props("/series/{$this->series->id}")['page'];

    expect(array_column($page['agenda']['items'], 'title', 'at'))
        ->toBe(['09:15' => 'Opening round', '09:19' => 'Grows', '09:27' => 'Harbours', '09:43' => 'Closing'])
        ->and(array_column($page['agenda']['wontFit'], 'title'))
        ->toBe(['Too long now']);

    $meeting = opened($this->series);
    expect($meeting->items()->orderBy('position')->pluck('kind')->all())->toBe([
        AgendaKind::Opening,
        AgendaKind::Issue,
        AgendaKind::Issue,
        AgendaKind::Standing,
        AgendaKind::Closing,
    ]);
});

it('works out the agenda from what was raised', function (): void {
    raise($this->series, 'Unranked');
    raise($this->series, 'Costs something', ['rank' => 'B', 'minutes' => 15]);
    raise($this->series, 'Grows', ['rank' => 'A', 'minutes' => 8]);
    $page = $this->props("/series/{$this->series->id}")['page'];

    expect(array_column($page['agenda']['items'], 'title'))
        ->toBe(['Grows', 'Costs something', 'Harbours', 'Closing'])
        ->and(array_column($page['agenda']['items'], 'at'))
        ->toBe(['09:15', '09:23', '09:38', '09:43'])
        ->and(array_column($page['agenda']['wontFit'], 'title'))
        ->toBe(['Unranked'])
        ->and($page['agenda']['spare'])
        ->toBe(2)
        ->and([$page['chair'], $page['minuteTaker']])
        ->toBe(['Noor Aksoy', 'Elif Demir']);
});

it('runs a meeting to its minutes', function (): void {
    $project = Made::project($this->elif);
    raise($this->series, 'Divers’ insurance', ['rank' => 'A', 'project' => $project->id]);
    $left = raise($this->series, 'Label colour', ['rank' => 'C']);
    $meeting = opened($this->series);
    [$insurance, , $checkIn] = AgendaItem::query()->orderBy('position')->get()->all();

    $this->post("/agenda-items/$checkIn->id/turn");
    Carbon::setTestNow('2027-02-10 09:04:00');
    $this->post("/agenda-items/$insurance->id/turn");
    writeLine($insurance, 'Two offers.')->assertSessionHasNoErrors();
    $this->post("/agenda-items/$insurance->id/decisions", [
        'words' => 'We take the dear one.',
        'because' => 'Winter.',
    ])->assertSessionHasNoErrors();
    $this->post("/agenda-items/$insurance->id/next-steps", [
        'title' => 'Sign the offer',
        'owner' => $this->elif->id,
    ])->assertSessionHasNoErrors();

    $live = $this->props("/meetings/$meeting->id")['page'];
    expect(array_column($live['items'], 'state'))
        ->toBe(['done', 'current', 'coming', 'coming'])
        ->and($live['items'][0]['spent'])
        ->toBe(240);

    Carbon::setTestNow('2027-02-10 09:30:00');
    $this->post("/meetings/$meeting->id/close", ['summary' => 'Short.'])->assertSessionHasNoErrors();

    $task = Task::query()->firstOrFail();
    expect($task->only(['title', 'owner_id', 'project_id']))
        ->toBe(['title' => 'Sign the offer', 'owner_id' => $this->elif->id, 'project_id' => $project->id])
        ->and((string) $task->due_on)
        ->toBe('2027-02-22')
        ->and($left->refresh()->only(['outcome', 'waited']))
        ->toBe(['outcome' => null, 'waited' => 1]);

    $minutes = $this->props("/meetings/$meeting->id")['page']['minutes'];
    expect($minutes['ends'])
        ->toBe('09:30')
        ->and($minutes['items'][1]['outcome'])
        ->toBe('decided')
        ->and($minutes['items'][1]['lines'])
        ->toBe([['who' => 'Noor Aksoy', 'at' => '09:04', 'words' => 'Two offers.', 'correctedBy' => null]])
        ->and($minutes['items'][1]['decisions'][0]['words'])
        ->toBe('We take the dear one.')
        ->and($minutes['items'][1]['nextSteps'][0])
        ->toMatchArray(['what' => 'Sign the offer', 'who' => 'Elif Demir', 'by' => '2027-02-22'])
        ->and($minutes['items'][2]['outcome'])
        ->toBe('next_time');

    // One record: in the project, in its owner's week, and asked about next time.
    expect($this->props("/projects/$project->id")['page']['stages'][0]['tasks'][0]['id'])
        ->toBe($task->id)
        ->and($this->props("/weeks/2027-W08?who={$this->elif->id}")['page']['noDay'][0]['id'])
        ->toBe($task->id);
    $next = $this->props("/series/{$this->series->id}")['page'];
    expect($next['followUps'][0]['id'])
        ->toBe($task->id)
        ->and(array_column($next['agenda']['items'], 'kind'))
        ->toBe(['issue', 'follow_ups', 'standing', 'closing'])
        ->and($next['chair'])
        ->toBe('Elif Demir')
        ->and($next['series']['next'])
        ->toBe('2027-02-22');
});

it('seals the minutes', function (): void {
    raise($this->series, 'Anything');
    $meeting = opened($this->series);
    $item = AgendaItem::query()->whereNotNull('issue_id')->firstOrFail();
    $attendance = $meeting->attendances()->firstOrFail();
    $this->post("/meetings/$meeting->id/close");

    $this->post("/agenda-items/$item->id/turn")->assertSessionHasErrors('meeting');
    $this->post("/agenda-items/$item->id/decisions", ['words' => 'x'])->assertSessionHasErrors('meeting');
    $this->post("/agenda-items/$item->id/next-steps", ['title' => 'x', 'owner' => $this->me->id])->assertSessionHasErrors('meeting');
    $this->put("/agenda-items/$item->id/outcome", ['outcome' => 'dropped'])->assertSessionHasErrors('meeting');
    $this->put("/attendances/$attendance->id", ['wasThere' => false])->assertSessionHasErrors('meeting');
    $this->post("/meetings/$meeting->id/close")->assertSessionHasErrors('meeting');
});

it('drops what no longer fits below the end as time runs', function (): void {
    raise($this->series, 'First', ['rank' => 'A', 'minutes' => 10]);
    raise($this->series, 'Second', ['rank' => 'B', 'minutes' => 10]);
    $meeting = opened($this->series);
    $states = fn(): array => array_column($this->props("/meetings/$meeting->id")['page']['items'], 'state', 'title');

    expect($states()['Second'])->toBe('coming');
    $this->post('/agenda-items/'.AgendaItem::query()->where('kind', 'standing')->firstOrFail()->id.'/turn');
    Carbon::setTestNow('2027-02-10 09:10:00');
    expect($states())->toMatchArray(['First' => 'coming', 'Second' => 'wont_fit']);
});

it('opens one meeting at a time, each once', function (): void {
    $meeting = opened($this->series);
    $this->post("/series/{$this->series->id}/open", ['on' => '2027-02-22', 'early' => true])->assertSessionHasErrors('meeting');
    $this->post("/meetings/$meeting->id/close");
    $this->post("/series/{$this->series->id}/open", ['on' => '2027-02-15', 'early' => true])->assertSessionHasErrors('meeting');
});

it('settles an issue in its other ways, and takes it back', function (string $outcome, bool $isGone): void {
    $issue = raise($this->series, 'Team day');
    opened($this->series);
    $item = AgendaItem::query()->whereNotNull('issue_id')->firstOrFail();
    $this->put("/agenda-items/$item->id/outcome", ['outcome' => $outcome])->assertSessionHasNoErrors();
    expect($issue->refresh()->outcome !== null)->toBe($isGone);
    $this->put("/agenda-items/$item->id/outcome", ['outcome' => null]);
    expect($issue->refresh()->outcome)->toBeNull();
})->with([['answered', true], ['shelved', true], ['dropped', true], ['next_time', false]]);

it('lets who does not attend look on, and nothing else', function (): void {
    $issue = raise($this->series, 'Anything');
    $meeting = opened($this->series);
    $this->actingAs(Made::person());

    $this->get("/meetings/$meeting->id")->assertOk();
    $this->post("/series/{$this->series->id}/issues", ['title' => 'From outside'])->assertSessionHasNoErrors();
    $this->post("/meetings/$meeting->id/close")->assertForbidden();
    $this->delete("/issues/$issue->id")->assertForbidden();
    $this->get("/series/{$this->series->id}/edit")->assertForbidden();
});

it('lists the latest minutes of a series, and all when asked', function (): void {
    for ($week = 1; $week <= 30; $week++) {
        Meeting::query()->create([
            'series_id' => $this->series->id,
            'on' => (string) Day::of(Made::TODAY)->plus(-7 * $week),
            'time' => '09:15',
            'minutes' => 30,
            'opened_at' => now(),
            'closed_at' => now(),
        ]);
    }

    $id = $this->series->id;
    $page = $this->props("/series/$id")['page'];
    expect($page['held'])
        ->toHaveCount(26)
        ->and($page['series']['held'])
        ->toBe(30)
        ->and($page['held'][0]['on'])
        ->toBe('2027-02-03')
        ->and($this->props("/series/$id?all=1")['page']['held'])
        ->toHaveCount(30);
});
