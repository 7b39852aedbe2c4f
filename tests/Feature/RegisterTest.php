<?php

declare(strict_types=1);

use App\Models\Collection;
use App\Models\Entry;
use App\Models\Field;
use App\Models\Milestone;
use App\Models\Project;
use App\Models\Role;
use App\Models\Task;
use App\Models\Visibility;
use Tests\Feature\Made;

beforeEach(function (): void {
    Made::workspace();
    $this->noor = Made::person(Role::Lead, 'Noor Aksoy');
    $this->elif = Made::person(name: 'Elif Kaya');
    $this->actingAs($this->noor);
    $this->shown = fn(string $query = ''): array => array_map(
        fn(array $group): array => [$group['heading'], array_column($group['projects'], 'title')],
        $this->props("/projects$query")['page']['groups'],
    );
    $this->titles = fn(string $query): array => array_merge([], ...array_column(($this->shown)($query), 1));
});

it('groups, narrows and sorts by what stands in the address', function (): void {
    $goal = Made::goal($this->noor, '2027-Q1');
    $first = Made::project($this->noor, [$goal], [], ['title' => 'Alpha', 'due_on' => '2027-06-01', 'focus' => 'full', 'rank' => 'B']);
    Made::project($this->elif, [], [], ['title' => 'Beta', 'due_on' => '2027-03-01', 'rank' => 'A']);
    Made::project($this->elif, [], [], ['title' => 'Gamma', 'state' => 'done']);
    Made::task($this->noor, ['project_id' => $first->id]);

    expect(($this->shown)('?sort=title'))
        ->toBe([['Active', ['Alpha', 'Beta']]])
        ->and(($this->shown)('?group=owner&state=all&sort=title'))
        ->toBe([['Elif Kaya', ['Beta', 'Gamma']], ['Noor Aksoy', ['Alpha']]])
        ->and(($this->shown)('?group=thread&sort=title'))
        ->toBe([['Goal of 2027-Q1', ['Alpha']], ['Not linked to a goal', ['Beta']]])
        ->and(($this->titles)('?sort=due&group=none'))
        ->toBe(['Beta', 'Alpha'])
        ->and(($this->titles)('?sort=rank&group=none'))
        ->toBe(['Beta', 'Alpha'])
        ->and(($this->titles)('?state=done'))
        ->toBe(['Gamma'])
        ->and(($this->titles)("?owner={$this->elif->id}"))
        ->toBe(['Beta'])
        ->and(($this->titles)('?focus=full'))
        ->toBe(['Alpha'])
        ->and(($this->titles)("?thread=$goal->id"))
        ->toBe(['Alpha'])
        ->and(($this->titles)('?condition=unlinked'))
        ->toBe(['Beta'])
        ->and(($this->titles)('?words=lph'))
        ->toBe(['Alpha'])
        ->and(($this->titles)('?words=%25'))
        ->toBe([]);
    $this->get('/projects?sort=colour')->assertSessionHasErrors('sort');
});

it('finds what is stuck, ready to close or behind', function (): void {
    $stuck = Made::project($this->noor, [], [], ['title' => 'Stuck']);
    $ready = Made::project($this->noor, [], [], ['title' => 'Ready']);
    $behind = Made::project($this->noor, [], [], ['title' => 'Behind', 'starts_on' => '2027-01-04', 'due_on' => '2027-02-26']);
    Made::task($this->noor, ['project_id' => $ready->id, 'done_on' => '2027-02-01']);
    Made::task($this->noor, ['project_id' => $behind->id]);

    expect(($this->titles)('?condition=stuck'))
        ->toBe(['Stuck'])
        ->and(($this->titles)('?condition=ready'))
        ->toBe(['Ready'])
        ->and(($this->titles)('?condition=behind'))
        ->toBe(['Behind'])
        ->and($this->props('/projects')['page'])
        ->toMatchArray(['active' => 3, 'needy' => 2]);
});

it('counts both bands as behind, and puts first what is furthest behind', function (): void {
    $of = fn(string $title, int $done, int $open): array => [
        $project = Made::project($this->noor, [], [], ['title' => $title, 'starts_on' => '2027-01-04', 'due_on' => '2027-03-19']),
        ...array_map(
            fn(?string $doneOn): Task => Made::task($this->noor, ['project_id' => $project->id, 'done_on' => $doneOn]),
            [...array_fill(0, $done, '2027-02-01'), ...array_fill(0, $open, null)],
        ),
    ];
    $of('On pace', 5, 5);
    $of('A little behind', 3, 7);
    $of('Furthest behind', 0, 10);
    $of('Far behind', 2, 8);

    expect(($this->titles)('?condition=behind'))
        ->toBe(['Furthest behind', 'Far behind', 'A little behind'])
        ->and(($this->titles)(''))
        ->toBe(['Furthest behind', 'Far behind', 'A little behind', 'On pace']);
});

it('comes in pages', function (): void {
    for ($number = 1; $number <= 60; $number++) {
        Made::project($this->noor, [], [], ['title' => sprintf('Project %02d', $number)]);
    }

    expect(($this->titles)('?sort=title'))
        ->toHaveCount(50)
        ->and(($this->titles)('?sort=title&page=2'))
        ->toHaveCount(10)
        ->and(($this->titles)('?sort=title&page=9'))
        ->toBe(($this->titles)('?sort=title&page=2'))
        ->and($this->props('/projects')['page'])
        ->toMatchArray(['total' => 60, 'pages' => 2]);
});

it('shows the next milestone and the last change', function (): void {
    $project = Made::project($this->noor);
    Milestone::query()->create(['project_id' => $project->id, 'title' => 'First wet', 'on' => '2027-02-01']);
    Made::task($this->noor, ['project_id' => $project->id, 'changed_on' => '2027-02-08']);
    $row = $this->props('/projects')['page']['groups'][0]['projects'][0];

    expect($row['changedOn'])
        ->toBe('2027-02-08')
        ->and($row['milestone'])
        ->toMatchArray(['title' => 'First wet', 'isLate' => true]);
});

it('keeps collections that go when they are empty, and come back by undo', function (): void {
    $project = Made::project($this->noor);
    $this->put("/projects/$project->id/collections", ['collections' => [], 'named' => 'Winter'])->assertSessionHasNoErrors();
    $winter = Collection::query()->firstOrFail();
    expect(($this->titles)("?collection=$winter->id"))
        ->toBe(['Moorings Orkney'])
        ->and(($this->shown)('?group=collection'))
        ->toBe([['Winter', ['Moorings Orkney']]]);

    $this->put("/projects/$project->id/collections", ['collections' => []])->assertSessionHasNoErrors();
    $batch = session('change')['batch'];
    expect(Collection::query()->count())->toBe(0);
    $this->post("/undo/$batch")->assertSessionHasNoErrors();
    expect(($this->titles)("?collection=$winter->id"))->toBe(['Moorings Orkney']);
    $this->actingAs($this->elif)
        ->put("/projects/$project->id/collections", ['collections' => []])
        ->assertForbidden();
});

it('keeps fields of one’s own', function (string $kind, string $choices, string $good, string $bad): void {
    $project = Made::project($this->noor);
    $this->post('/fields', ['name' => 'Customer', 'kind' => $kind, 'choices' => $choices])->assertSessionHasNoErrors();
    $field = Field::query()->firstOrFail();
    $this->put("/projects/$project->id/fields/$field->id", ['value' => $good])->assertSessionHasNoErrors();

    expect($this->props("/projects?field=$field->id&value=".urlencode($good))['page']['groups'][0]['projects'][0]['entries'])
        ->toBe(["Customer: $good"])
        ->and($this->props("/projects/$project->id")['page']['fields'][0])
        ->toMatchArray(['name' => 'Customer', 'value' => $good])
        ->and(($this->titles)("?field=$field->id&value=nothing"))
        ->toBe([]);

    if ($bad !== '') {
        $this->put("/projects/$project->id/fields/$field->id", ['value' => $bad])->assertSessionHasErrors('value');
    }

    $this->delete("/fields/$field->id")->assertSessionHasNoErrors();
    $this->post('/undo/'.session('change')['batch'])->assertSessionHasNoErrors();
    expect($this->props("/projects/$project->id")['page']['fields'][0]['value'])->toBe($good);
})->with([
    ['text', '', 'Ostend', ''],
    ['number', '', '12.5', 'many'],
    ['date', '', '2027-03-01', '1 March'],
    ['choice', "North\nSouth", 'North', 'East'],
]);

it('lets only leads make fields, and each name once', function (): void {
    $this->post('/fields', ['name' => 'Customer', 'kind' => 'text']);
    $this->post('/fields', ['name' => 'Customer', 'kind' => 'text'])->assertSessionHasErrors('name');
    $this->post('/fields', ['name' => 'Coast', 'kind' => 'choice', 'choices' => 'North'])->assertSessionHasErrors('choices');
    $this->actingAs($this->elif)
        ->post('/fields', ['name' => 'Coast', 'kind' => 'text'])
        ->assertForbidden();
});

it('warns of whoever has more active projects than the limit', function (): void {
    Made::project($this->elif, [], [], ['title' => 'One']);
    Made::project($this->elif, [], [], ['title' => 'Two']);
    Made::project($this->elif, [], [], ['title' => 'Done', 'state' => 'done']);
    Made::project($this->noor);
    $this->put('/projects/limit', ['limit' => 1])->assertSessionHasNoErrors();

    expect(
        array_map(
            fn(array $each): array => [$each['person']['name'], $each['projects'], $each['isOver']],
            $this->props('/projects')['page']['activeBy'],
        ),
    )->toBe([['Elif Kaya', 2, true], ['Noor Aksoy', 1, false]]);
    $this->actingAs($this->elif)
        ->put('/projects/limit', ['limit' => 9])
        ->assertForbidden();
});

it('does not tell by a filter what serves a hidden goal', function (): void {
    $goal = Made::goal($this->noor, '2027', ['visibility' => Visibility::OnlyMe]);
    Made::project($this->noor, [$goal], [], ['title' => 'Serves it']);
    Made::project($this->noor, [], [], ['title' => 'Does not']);

    expect($this->actingAs($this->elif)->props("/projects?thread=$goal->id")['page']['total'])->toBe(2);
});

it('shows a project under each of its collections, and counts it once', function (): void {
    $project = Made::project($this->elif, [], [], ['title' => 'Ostend']);
    $other = Made::project($this->elif, [], [], ['title' => 'Fowey']);
    $this->put("/projects/$project->id/collections", ['collections' => [], 'named' => 'Winter'])->assertSessionHasNoErrors();
    $winter = Collection::query()->where('title', 'Winter')->firstOrFail();
    $this->put("/projects/$project->id/collections", ['collections' => [$winter->id], 'named' => 'Belgium'])->assertSessionHasNoErrors();
    $this->put("/projects/$other->id/collections", ['collections' => [$winter->id]])->assertSessionHasNoErrors();
    $page = $this->props('/projects?group=collection')['page'];

    expect(array_map(fn(array $group): array => [$group['heading'], array_column($group['projects'], 'title')], $page['groups']))
        ->toContain(['Belgium', ['Ostend']])
        ->toContain(['Winter', ['Ostend', 'Fowey']])
        ->and($page['total'])
        ->toBe(Project::query()->count());
});

it('groups and sorts by extra fields, numbers by their size, what is not filled in last', function (): void {
    Project::query()->get()->each->delete();
    $size = Field::query()->create(['name' => 'Berths', 'kind' => 'number']);
    $coast = Field::query()->create(['name' => 'Coast', 'kind' => 'choice', 'choices' => ['East', 'West']]);

    $made = [['Ostend', '9', 'East'], ['Fowey', '12', 'West'], ['Kirkwall', '101', 'East'], ['Brest', null, null]];

    foreach ($made as [$title, $berths, $side]) {
        $project = Made::project($this->elif, [], [], ['title' => $title]);

        foreach (array_filter([$size->id => $berths, $coast->id => $side]) as $field => $value) {
            Entry::query()->create(['field_id' => $field, 'project_id' => $project->id, 'value' => $value]);
        }
    }

    $groups = fn(string $query): array => array_map(
        fn(array $group): array => [$group['heading'], array_column($group['projects'], 'title')],
        $this->props("/projects?$query")['page']['groups'],
    );
    expect($groups("group=none&sort=field&sortField=$size->id"))
        ->toBe([[null, ['Ostend', 'Fowey', 'Kirkwall', 'Brest']]])
        ->and($groups("group=field&groupField=$coast->id&sort=field&sortField=$size->id"))
        ->toBe([['East', ['Ostend', 'Kirkwall']], ['West', ['Fowey']], ['Not filled in', ['Brest']]]);

    // One that is gone is as if it had not been asked for.
    expect($groups('group=field&groupField=999&sort=field&sortField=999'))->toBe($groups(''));
    $this->get('/projects?sort=field:3')->assertSessionHasErrors('sort');
});
