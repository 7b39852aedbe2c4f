<?php

declare(strict_types=1);

use App\Models\Area;
use App\Models\Issue;
use App\Models\Jot;
use App\Models\Reference;
use App\Models\Role;
use App\Models\Task;
use Tests\Feature\Made;

beforeEach(function (): void {
    Made::workspace();
    $this->noor = Made::person(Role::Lead, 'Noor Aksoy');
    $this->elif = Made::person(name: 'Elif Demir');
    $this->priya = Made::person(name: 'Priya Raman');
    $this->series = Made::series([$this->noor, $this->elif], ['title' => 'Quay hour']);
    $this->area = Area::query()->create(['name' => 'Harbours', 'kind' => 'area', 'owner_id' => $this->noor->id]);
    $this->actingAs($this->noor);
    $this->words = fn(string $address): array => array_column($this->props($address)['page']['items'], 'words');
});

it('sorts what came in for a meeting into an issue of it, in a tray of its own', function (): void {
    $this->post("/series/{$this->series->id}/jots", ['words' => "Berth 7 is too shallow\nWho holds the key?"])->assertSessionHasNoErrors();
    $page = $this->props("/series/{$this->series->id}/tray")['page'];
    expect($page['of'])
        ->toBe(['kind' => 'series', 'id' => $this->series->id, 'title' => 'Quay hour', 'link' => "/series/{$this->series->id}"])
        ->and(array_column($page['items'], 'by'))
        ->toBe(['Noor Aksoy', 'Noor Aksoy'])
        ->and(($this->words)('/tray'))
        ->toBe([])
        ->and($this->props("/series/{$this->series->id}")['page']['tray'])
        ->toBe(2);
    $jot = Jot::query()->firstOrFail();
    $this->actingAs($this->elif)->post("/jots/$jot->id/issue", ['title' => 'Berth 7 is too shallow', 'series' => $this->series->id]);
    expect(Issue::query()->sole()->raised_by)
        ->toBe($this->elif->id)
        ->and(($this->words)("/series/{$this->series->id}/tray"))
        ->toBe(['Who holds the key?']);
    // Of two who sort the same thing the second is told.
    $this->actingAs($this->noor)
        ->post("/jots/$jot->id/task", ['title' => 'Berth 7'])
        ->assertSessionHasErrors('jot');
    expect(Task::query()->count())->toBe(0);
});

it('shows the tray of a private meeting to its attendees alone, whoever wrote into it', function (): void {
    $this->series->update(['is_private' => true]);
    $this->post("/series/{$this->series->id}/jots", ['words' => 'His pay']);
    $jot = Jot::query()->sole();
    $this->actingAs($this->priya);
    $this->get("/series/{$this->series->id}/tray")->assertNotFound();
    $this->post("/series/{$this->series->id}/jots", ['words' => 'x'])->assertNotFound();
    $this->delete("/jots/$jot->id")->assertNotFound();
    $this->put('/jots/many', ['jots' => [$jot->id], 'what' => 'delete'])->assertSessionHasErrors('jots');
    // Who leaves the meeting leaves its tray, with what they wrote themselves.
    $this->series->attendees()->where('person_id', $this->noor->id)->delete();
    $this->actingAs($this->noor)
        ->delete("/jots/$jot->id")
        ->assertNotFound();
    $this->actingAs($this->elif)
        ->delete("/jots/$jot->id")
        ->assertSessionHasNoErrors();
    expect($jot->refresh()->sorted_on)->not->toBeNull();
});

it('is the same for an area, which anybody sorts, one by one or several at once', function (): void {
    $this->post("/areas/{$this->area->id}/jots", ['words' => "Fender quote\nLamp is out by Friday\nOld file"]);
    $this->actingAs($this->priya);
    expect(($this->words)("/areas/{$this->area->id}/tray"))
        ->toBe(['Fender quote', 'Lamp is out by Friday', 'Old file'])
        ->and($this->props("/areas/{$this->area->id}")['page']['tray'])
        ->toBe(['Fender quote', 'Lamp is out by Friday', 'Old file']);
    [$fender, $lamp, $old] = Jot::query()->orderBy('id')->get()->all();
    $this->post("/jots/$lamp->id/task", ['title' => 'Lamp is out', 'owner_id' => $this->elif->id])->assertSessionHasNoErrors();
    expect(Task::query()->sole()->owner_id)
        ->toBe($this->elif->id)
        ->and((string) Task::query()->sole()->due_on)
        ->toBe('2027-02-12');
    $this->put('/jots/many', ['jots' => [$fender->id, $old->id], 'what' => 'delete'])->assertSessionHasNoErrors();
    expect(($this->words)("/areas/{$this->area->id}/tray"))->toBe([]);
    $this->post('/undo');
    expect(($this->words)("/areas/{$this->area->id}/tray"))->toBe(['Fender quote', 'Old file']);
    $this->post("/jots/$old->id/split", ['words' => "Scan it\nBin it"])->assertSessionHasNoErrors();
    expect(($this->words)("/areas/{$this->area->id}/tray"))->toBe(['Fender quote', 'Scan it', 'Bin it']);
});

it('keeps an address beside a project, with its words as the title', function (string $words, string $title, string $address): void {
    $project = Made::project($this->noor);
    $this->post('/jots', ['words' => $words]);
    $jot = Jot::query()->sole();
    $this->post("/jots/$jot->id/reference", ['project' => $project->id])->assertSessionHasNoErrors();
    expect(
        Reference::query()
            ->sole()
            ->only(['title', 'address', 'project_id']),
    )
        ->toBe(['title' => $title, 'address' => $address, 'project_id' => $project->id])
        ->and(($this->words)('/tray'))
        ->toBe([]);
    $this->post("/jots/$jot->id/reference", ['project' => $project->id])->assertSessionHasErrors('jot');
    $this->post('/undo')->assertSessionHasNoErrors();
    expect(Reference::query()->count())
        ->toBe(0)
        ->and(($this->words)('/tray'))
        ->toBe([$words]);
})->with([
    ['Tide tables: https://tides.example/2027?a=1', 'Tide tables', 'https://tides.example/2027?a=1'],
    ['https://tides.example', 'https://tides.example', 'https://tides.example'],
    ['see http://a.example/x it is good', 'see it is good', 'http://a.example/x'],
]);

it('keeps no reference without an address or a project', function (): void {
    $this->post('/jots', ['words' => 'The blue binder']);
    $jot = Jot::query()->sole();
    $project = Made::project($this->noor);
    $this->post("/jots/$jot->id/reference", ['project' => $project->id])->assertSessionHasErrors('jot');
    $this->post("/jots/$jot->id/reference", ['project' => 999])->assertSessionHasErrors('project');
    $this->actingAs($this->elif)
        ->post("/jots/$jot->id/reference", ['project' => $project->id])
        ->assertNotFound();
    expect(Reference::query()->count())
        ->toBe(0)
        ->and($jot->refresh()->sorted_on)
        ->toBeNull();
});
