<?php

declare(strict_types=1);

use App\Models\AgendaItem;
use App\Models\Issue;
use App\Models\Meeting;
use App\Models\NoteLine;
use App\Models\Role;
use App\Models\Task;
use Illuminate\Support\Str;
use Tests\Feature\Addresses;
use Tests\Feature\Made;
use Tests\Feature\Workspaces;

beforeEach(function (): void {
    Made::workspace();
    $this->noor = Made::person(Role::Lead, 'Noor Aksoy');
    $this->elif = Made::person(name: 'Elif Demir');
    $this->at = Workspaces::full($this->noor);
    // Everything that is said between the two holds this word.
    $this->actingAs($this->noor);
    $this->series = Made::series([$this->noor, $this->elif], ['title' => 'Zanzibar', 'purpose' => 'Zanzibar', 'is_private' => true]);
    $this->post("/series/{$this->series->id}/issues", ['title' => 'Zanzibar', 'context' => 'Zanzibar', 'source' => 'Zanzibar']);
    $this->issue = Issue::query()->latest('id')->firstOrFail();
    $this->post("/series/{$this->series->id}/open", ['on' => '2027-02-08'])->assertSessionHasNoErrors();
    $this->meeting = Meeting::query()->latest('id')->firstOrFail();
    $this->item = AgendaItem::query()->where('issue_id', $this->issue->id)->firstOrFail();
    $this->put("/agenda-items/{$this->item->id}/lines", ['key' => Str::uuid()->toString(), 'words' => 'Zanzibar', 'version' => 1]);
    $this->line = NoteLine::query()->latest('id')->firstOrFail();
    $this->put("/agenda-items/{$this->item->id}/own-notes", ['words' => 'Zanzibar']);
    $this->post("/agenda-items/{$this->item->id}/decisions", ['words' => 'Zanzibar', 'because' => 'Zanzibar']);
    $this->post("/agenda-items/{$this->item->id}/next-steps", ['title' => 'Zanzibar', 'owner' => $this->elif->id]);
    $this->task = Task::query()->where('title', 'Zanzibar')->firstOrFail();
    $this->post('/points', ['words' => 'Zanzibar', 'about' => $this->elif->id]);
    $this->closing = fn() => $this->post("/meetings/{$this->meeting->id}/close", ['summary' => 'Zanzibar'])->assertSessionHasNoErrors();
});

it('leaves no trace for anybody else, lead or not, whatever address they try', function (Role $role, bool $isClosed): void {
    if ($isClosed) {
        ($this->closing)();
        $this->post("/meetings/{$this->meeting->id}/additions", ['words' => 'Zanzibar'])->assertSessionHasNoErrors();
        $this->post("/meetings/{$this->meeting->id}/send");
    }

    $own = [
        'series' => $this->series->id,
        'meeting' => $this->meeting->id,
        'issue' => $this->issue->id,
        'task' => $this->task->id,
        'work' => $this->task->id,
        'kind' => 'tasks',
    ];
    $other = Made::person($role, 'Kwame Boateng');
    $this->actingAs($other);
    $asked = 0;

    foreach (Addresses::all($this->at, $own) as $address) {
        $answer = $this->get($address);
        $asked++;
        expect(str_contains((string) $answer->getContent(), 'Zanzibar'))->toBeFalse("$address tells of it");
        $this->app['session']->forget('errors');
    }

    $searches = [
        '/decisions?q=Zanzibar',
        "/decisions?who={$this->elif->id}",
        "/weeks/2027-W06?who={$this->elif->id}",
        '/series/choices',
    ];

    foreach ($searches as $address) {
        // What was looked for is said again: the search is no trace.
        $answer = str_replace(['"words":"Zanzibar"', 'q=Zanzibar'], '', (string) $this->get($address)->getContent());
        expect(str_contains($answer, 'Zanzibar'))->toBeFalse("$address tells of it");
    }

    expect($asked)->toBeGreaterThan(60);
})->with([
    'a lead, while it runs' => [Role::Lead, false],
    'a lead, afterwards' => [Role::Lead, true],
    'a member, afterwards' => [Role::Member, true],
]);

it('answers everybody else as if it were not there, and lets nobody else write', function (): void {
    $this->actingAs(Made::person(Role::Lead, 'Kwame Boateng'));
    $series = $this->series->id;
    $meeting = $this->meeting->id;
    $item = $this->item->id;

    foreach (
        [
            ['get', "/series/$series"],
            ['get', "/series/$series/edit"],
            ['get', "/series/$series/record"],
            ['get', "/series/$series/next.ics"],
            ['put', "/series/$series"],
            ['put', "/series/$series/meetings/2027-02-15"],
            ['delete', "/series/$series/meetings/2027-02-15"],
            ['post', "/series/$series/issues"],
            ['post', "/series/$series/open"],
            ['get', "/issues/{$this->issue->id}"],
            ['put', "/issues/{$this->issue->id}"],
            ['post', "/issues/{$this->issue->id}/next"],
            ['delete', "/issues/{$this->issue->id}"],
            ['get', "/meetings/$meeting"],
            ['get', "/meetings/$meeting/minutes.md"],
            ['get', "/meetings/$meeting/minutes.pdf"],
            ['put', "/meetings/$meeting/presence"],
            ['put', "/meetings/$meeting/pause"],
            ['put', "/meetings/$meeting/closing"],
            ['post', "/meetings/$meeting/close"],
            ['post', "/meetings/$meeting/send"],
            ['post', "/meetings/$meeting/additions"],
            ['post', "/meetings/$meeting/issues/{$this->issue->id}"],
            ['put', "/meetings/$meeting/follow-ups/{$this->task->id}"],
            ['put', "/agenda-items/$item/lines"],
            ['put', "/agenda-items/$item/own-notes"],
            ['put', "/agenda-items/$item/extra"],
            ['put', "/agenda-items/$item/place"],
            ['put', "/agenda-items/$item/outcome"],
            ['post', "/agenda-items/$item/turn"],
            ['post', "/agenda-items/$item/decisions"],
            ['post', "/agenda-items/$item/next-steps"],
            ['delete', "/note-lines/{$this->line->id}"],
            ['put', "/tasks/{$this->task->id}/confirmation"],
        ] as [$method, $address]
    ) {
        expect($this->$method($address)->getStatusCode())->toBe(404, "$method $address");
    }
});

it('is there in full for the two', function (): void {
    ($this->closing)();
    $this->actingAs($this->elif);
    expect($this->props("/meetings/{$this->meeting->id}")['page']['minutes']['items'][0]['lines'][0]['words'])
        ->toBe('Zanzibar')
        ->and($this->props('/decisions?q=Zanzibar')['page']['decisions'])
        ->toHaveCount(1)
        ->and($this->props("/issues/{$this->issue->id}")['page']['issue']['title'])
        ->toBe('Zanzibar');
});
