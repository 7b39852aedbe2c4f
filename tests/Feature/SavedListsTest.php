<?php

declare(strict_types=1);

use App\Models\Area;
use App\Models\Dependency;
use App\Models\Role;
use App\Models\SavedList;
use App\Models\Task;
use App\Models\Visibility;
use Tests\Feature\Made;

beforeEach(function (): void {
    Made::workspace();
    $this->mei = Made::person(name: 'Mei Tanaka');
    $this->elif = Made::person(name: 'Elif Kaya');
    $this->actingAs($this->mei);
    $this->found = function (array $conditions, array $more = []): array {
        $page = $this->props(
            '/lists/new?'.
                http_build_query([
                    'conditions' => array_map(fn(array $each): array => ['field' => $each[0], 'value' => (string) $each[1]], $conditions),
                    ...$more,
                ]),
        )['page'];

        return array_map(fn(array $group): array => [$group['heading'], array_column($group['tasks'], 'title')], $page['groups']);
    };
    $this->titles = fn(array $conditions): array => array_merge(...array_column(($this->found)($conditions), 1), ...[[]]);
});

it('finds tasks by each field', function (): void {
    $area = Area::query()->create(['name' => 'Moorings', 'kind' => 'area', 'owner_id' => $this->mei->id]);
    $year = Made::goal($this->mei);
    $quarter = Made::goal($this->mei, '2027-Q1', ['parent_id' => $year->id]);
    $project = Made::project($this->mei, [$quarter], [], ['area_id' => $area->id]);
    Made::task($this->mei, [
        'title' => 'In project',
        'project_id' => $project->id,
        'due_on' => '2027-02-08',
        'minutes' => 20,
        'rank' => 'A',
        'focus' => 'full',
        'place' => 'Quay 7',
        'created_on' => '2026-12-01',
        'changed_on' => '2026-12-01',
    ]);
    Made::task($this->elif, [
        'title' => 'For goal',
        'goal_id' => $quarter->id,
        'planned' => '2027-W06',
        'minutes' => 90,
        'waiting_on' => 'Kirkwall',
        'changed_on' => '2027-02-09',
        'created_on' => '2027-02-09',
    ]);
    Made::task($this->mei, [
        'title' => 'Loose',
        'planned' => '2027-02-17',
        'in_progress_since' => '2027-02-09',
        'created_on' => '2027-02-09',
        'changed_on' => '2027-02-09',
    ]);
    Made::task($this->mei, ['title' => 'Done', 'done_on' => '2027-02-09']);

    foreach (
        [
            [[['owner', 'me']], ['In project', 'Loose']],
            [[['owner', $this->elif->id]], ['For goal']],
            [[['area', $area->id]], ['In project']],
            [[['area', 'none'], ['owner', 'me']], ['Loose']],
            [[['thread', $year->id]], ['In project', 'For goal']],
            [[['project', $project->id]], ['In project']],
            [[['project', 'none']], ['For goal', 'Loose']],
            [[['due', 'late']], ['In project']],
            [[['due', 'none']], ['For goal', 'Loose']],
            [[['due', 'any']], ['In project']],
            [[['planned', 'week']], ['For goal']],
            [[['planned', 'next_week']], ['Loose']],
            [[['planned', 'none']], ['In project']],
            [[['planned', 'month']], ['For goal', 'Loose']],
            [[['focus', 'full']], ['In project']],
            [[['place', 'quay']], ['In project']],
            [[['place', '%']], []],
            [[['minutes', 30]], ['In project', 'Loose']],
            [[['rank', 'A']], ['In project']],
            [[['rank', 'none']], ['For goal', 'Loose']],
            [[['state', 'waiting']], ['For goal']],
            [[['state', 'in_progress']], ['Loose']],
            [[['state', 'done']], ['Done']],
            [[['state', 'now']], ['In project', 'Loose']],
            [[['age', 30]], ['In project']],
            [[['no_activity', 28]], ['In project']],
            [[['words', 'goal']], ['For goal']],
            [[['owner', 'me'], ['minutes', 30], ['rank', 'A']], ['In project']],
        ] as [$conditions, $titles]
    ) {
        expect(($this->titles)($conditions))->toEqualCanonicalizing($titles, json_encode($conditions));
    }
});

it('finds words as they are, whatever signs are in them', function (): void {
    Made::task($this->mei, ['title' => 'Charged to 100%']);
    Made::task($this->mei, ['title' => 'Charged to 1000 m']);
    expect(($this->titles)([['words', '100%']]))
        ->toBe(['Charged to 100%'])
        ->and(($this->titles)([['words', 'to_1']]))
        ->toBe([]);
});

it('sorts and groups', function (): void {
    Made::task($this->mei, ['title' => 'B', 'minutes' => 10, 'rank' => 'B']);
    Made::task($this->elif, ['title' => 'a', 'minutes' => 90, 'rank' => 'A']);
    Made::task($this->mei, ['title' => 'C', 'due_on' => '2027-03-01']);

    expect(($this->found)([], ['sort' => 'title']))
        ->toBe([[null, ['a', 'B', 'C']]])
        ->and(($this->found)([], ['sort' => 'rank']))
        ->toBe([[null, ['a', 'B', 'C']]])
        ->and(($this->found)([], ['sort' => 'due']))
        ->toBe([[null, ['C', 'a', 'B']]])
        ->and(($this->found)([], ['sort' => 'title', 'group' => 'owner']))
        ->toBe([['Elif Kaya', ['a']], ['Mei Tanaka', ['B', 'C']]]);
});

it('keeps a list for oneself or for all, and shows to each what they may see', function (): void {
    $this->post('/lists', [
        'title' => 'Short ones',
        'conditions' => [['field' => 'minutes', 'value' => '15'], ['field' => 'owner', 'value' => 'me']],
        'sort' => 'rank',
        'isShared' => true,
    ])->assertSessionHasNoErrors();
    $list = SavedList::query()->firstOrFail();
    Made::task($this->mei, ['title' => 'Mine, hidden', 'minutes' => 10, 'visibility' => Visibility::OnlyMe]);
    Made::task($this->elif, ['title' => 'Hers', 'minutes' => 10]);

    $page = $this->props("/lists/saved/$list->id")['page'];
    expect($page['sentence'])->toBe('Tasks of 15 min or less, owned by whoever opens the list')->and($page['total'])->toBe(1);
    $page = $this->actingAs($this->elif)->props("/lists/saved/$list->id")['page'];
    expect($page['groups'][0]['tasks'][0]['title'])
        ->toBe('Hers')
        ->and($page['total'])
        ->toBe(1)
        ->and($page['isMine'])
        ->toBeFalse();
    $this->put("/lists/saved/$list->id", ['title' => 'Taken over', 'conditions' => []])->assertForbidden();

    $this->actingAs($this->mei)
        ->put("/lists/saved/$list->id", ['title' => 'Only mine', 'conditions' => [], 'isShared' => false])
        ->assertSessionHasNoErrors();
    $this->actingAs($this->elif)
        ->get("/lists/saved/$list->id")
        ->assertNotFound();
    expect($this->props('/lists')['page']['saved'])->toBe([]);

    $this->actingAs($this->mei)
        ->delete("/lists/saved/$list->id")
        ->assertSessionHasNoErrors();
    $this->post('/undo/'.session('change')['batch']);
    expect(SavedList::query()->count())->toBe(1);
});

it('finds nothing private through any condition', function (): void {
    $goal = Made::goal($this->mei, '2027', ['visibility' => Visibility::OnlyMe, 'title' => 'Secret']);
    Made::task($this->mei, ['title' => 'Hidden', 'visibility' => Visibility::OnlyMe]);
    $this->actingAs(Made::person(Role::Lead));

    expect(($this->titles)([]))
        ->toBe([])
        ->and(($this->titles)([['thread', $goal->id], ['state', 'open']]))
        ->toBe([])
        ->and(json_encode($this->props('/lists/new')))
        ->not->toContain('Secret');
    $this->post('/lists', [
        'title' => 'Spy',
        'conditions' => [['field' => 'thread', 'value' => (string) $goal->id]],
    ])->assertSessionHasErrors('conditions.0.value');
});

it('finds nothing through a shared list that names a goal hidden from its reader', function (): void {
    $goal = Made::goal($this->mei, '2027', ['visibility' => Visibility::OnlyMe, 'title' => 'Secret']);
    Made::task($this->mei, ['title' => 'Of an open project', 'project_id' => Made::project($this->mei, [$goal])->id]);
    $this->post('/lists', [
        'title' => 'Ours',
        'isShared' => true,
        'conditions' => [['field' => 'thread', 'value' => (string) $goal->id]],
    ])->assertSessionHasNoErrors();
    $address = '/lists/saved/'.SavedList::query()->firstOrFail()->id;

    expect($this->props($address)['page']['total'])
        ->toBe(1)
        ->and($this->actingAs($this->elif)->props($address)['page']['total'])
        ->toBe(0);
});

it('refuses a condition that asks for what there is not', function (string $field, string $value): void {
    $this->post('/lists', ['title' => 'Odd', 'conditions' => [['field' => $field, 'value' => $value]]])->assertSessionHasErrors();
    expect(SavedList::query()->count())->toBe(0);
})->with([['owner', '99'], ['due', 'soon'], ['minutes', 'few'], ['rank', 'Z'], ['colour', 'red'], ['words', '']]);

it('is one record wherever it is shown', function (): void {
    $task = Made::task($this->mei, ['planned' => '2027-02-10']);
    $this->put("/tasks/$task->id/tick", ['done' => true]);
    expect(($this->titles)([]))
        ->toBe([])
        ->and($this->props('/lists/finished')['page']['groups'][0]['tasks'][0]['id'])
        ->toBe($task->id)
        ->and(Task::query()->count())
        ->toBe(1);
});

it('tells apart what is due and planned when, to the day', function (string $field, string $value, array $found): void {
    // It is Wednesday 10 February, in week 6.
    foreach (['2027-02-09', '2027-02-10', '2027-02-14', '2027-02-15', '2027-02-21', '2027-02-22', '2027-03-10', '2027-03-11'] as $day) {
        Made::task($this->mei, ['title' => "due $day", 'due_on' => $day, 'planned' => '2027-Q1']);
        Made::task($this->mei, ['title' => "on $day", 'planned' => $day]);
    }

    Made::task($this->mei, ['title' => 'in week 5', 'planned' => '2027-W05']);
    Made::task($this->mei, ['title' => 'in week 7', 'planned' => '2027-W07']);
    Made::task($this->mei, ['title' => 'in March', 'planned' => '2027-03']);

    $titles = ($this->titles)([[$field, $value]]);
    sort($titles);
    sort($found);
    expect($titles)->toBe($found);
})->with([
    ['due', 'late', ['due 2027-02-09']],
    ['due', 'today', ['due 2027-02-10']],
    ['due', 'week', ['due 2027-02-09', 'due 2027-02-10', 'due 2027-02-14']],
    ['due', 'next_week', ['due 2027-02-15', 'due 2027-02-21']],
    ['due', 'month', ['due 2027-02-10', 'due 2027-02-14', 'due 2027-02-15', 'due 2027-02-21', 'due 2027-02-22', 'due 2027-03-10']],
    // What was planned for an earlier day of the week came along to today; what was planned for an earlier week, to this one.
    ['planned', 'today', ['on 2027-02-09', 'on 2027-02-10']],
    ['planned', 'week', ['on 2027-02-09', 'on 2027-02-10', 'on 2027-02-14', 'in week 5']],
    ['planned', 'next_week', ['on 2027-02-15', 'on 2027-02-21', 'in week 7']],
]);

it('finds tasks by the state they are in', function (string $state, array $found): void {
    $first = Made::task($this->mei, ['title' => 'comes first']);
    $then = Made::task($this->mei, ['title' => 'comes then']);
    Dependency::query()->create(['task_id' => $then->id, 'after_id' => $first->id]);
    Made::task($this->mei, ['title' => 'waits', 'waiting_on' => 'the mill']);
    Made::task($this->mei, ['title' => 'begun', 'in_progress_since' => '2027-02-08']);
    Made::task($this->mei, ['title' => 'checked', 'checked_by_id' => $this->elif->id]);
    Made::task($this->mei, ['title' => 'done', 'done_on' => '2027-02-08']);
    Made::task($this->mei, ['title' => 'shelved', 'shelved_on' => '2027-02-08']);
    Made::task($this->mei, ['title' => 'dropped', 'dropped_on' => '2027-02-08', 'shelved_on' => '2027-02-01']);
    Made::task($this->mei, ['title' => 'done all the same', 'done_on' => '2027-02-08', 'dropped_on' => '2027-02-01']);

    $titles = ($this->titles)([['state', $state]]);
    sort($titles);
    expect($titles)->toBe($found);
})->with([
    ['open', ['begun', 'checked', 'comes first', 'comes then', 'waits']],
    ['now', ['begun', 'checked', 'comes first']],
    ['waiting', ['waits']],
    ['in_progress', ['begun']],
    ['to_check', ['checked']],
    ['done', ['done', 'done all the same']],
    ['shelved', ['shelved']],
    ['dropped', ['dropped']],
]);

it('says what it groups by, and what stands under none', function (string $group, array $headings): void {
    $area = Area::query()->create(['name' => 'Moorings', 'kind' => 'area', 'owner_id' => $this->mei->id]);
    $project = Made::project($this->mei, [], [], ['area_id' => $area->id, 'title' => 'Moorings Orkney']);
    Made::task($this->mei, ['title' => 'bare']);
    Made::task($this->elif, [
        'title' => 'full',
        'project_id' => $project->id,
        'rank' => 'B',
        'place' => 'Quay 7',
        'focus' => 'little',
        'planned' => '2027-W07',
        'due_on' => '2027-02-17',
    ]);

    $found = array_column(($this->found)([['words', 'l'], ['state', 'open']], ['group' => $group]), 0);
    $all = array_column(($this->found)([['state', 'open']], ['group' => $group]), 0);
    expect($found)->toBe([$headings[1]]);
    sort($all);
    sort($headings);
    expect($all)->toBe($headings);
})->with([
    ['owner', ['Mei Tanaka', 'Elif Kaya']],
    ['project', ['No project', 'Moorings Orkney']],
    ['area', ['No area', 'Moorings']],
    ['rank', ['Not ranked', 'Rank B']],
    ['place', ['Anywhere', 'Quay 7']],
    ['focus', ['Focus not set', 'Little focus']],
    ['planned', ['Not scheduled', '2027-W07']],
    ['due', ['No due date', '2027-W07']],
]);
