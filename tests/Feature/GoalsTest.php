<?php

declare(strict_types=1);

use App\Models\Goal;
use App\Models\Reading;
use App\Models\Role;
use Inertia\Testing\AssertableInertia;
use Loftrin\Core\Calendar\Horizon;
use Tests\Feature\Made;

beforeEach(function (): void {
    Made::workspace();
    $this->lead = Made::person(Role::Lead, 'Noor Aksoy');
    $this->actingAs($this->lead);
});

it('sets a goal of each kind', function (array $measure, array $stored): void {
    $this->post('/goals', ['title' => '40 harbours', 'period' => '2027', ...$measure])->assertSessionHasNoErrors();

    expect(Goal::query()->firstOrFail()->only(array_keys($stored)))->toEqual($stored);
})->with([
    [['measure' => 'work'], ['horizon' => Horizon::Year, 'title' => '40 harbours']],
    [['measure' => 'number', 'start' => '7.5', 'target' => '3', 'unit' => '%'], ['start_value' => 7.5, 'target_value' => 3, 'unit' => '%']],
    [['measure' => 'yes_no'], ['is_main' => false]],
    [['measure' => 'count', 'target' => '8'], ['target_value' => 8]],
    [['measure' => 'keep', 'limit' => '24', 'sense' => 'at_most', 'share' => '90'], ['limit_value' => 24, 'share' => 0.9]],
    [['measure' => 'judged'], ['target_value' => null]],
]);

it('refuses bad input at its field and keeps what was typed', function (array $input, string $field, ?string $words = null): void {
    $parent = Made::goal($this->lead, '2027-Q1', ['title' => 'First harbours']);
    $input = array_map(
        fn(mixed $value): mixed => match ($value) {
            'PARENT' => $parent->id,
            'TEN MEGABYTES' => str_repeat('x', 10 * 1024 * 1024),
            default => $value,
        },
        $input,
    );
    $response = $this->from('/goals/new')->post('/goals', ['title' => 'A goal', 'period' => '2027-Q1', 'measure' => 'work', ...$input]);

    $response->assertRedirect('/goals/new')->assertSessionHasErrors($words === null ? $field : [$field => $words]);
    expect(Goal::query()->count())
        ->toBe(1)
        ->and(DB::table('activity_log')->count())
        ->toBe(0);
})->with([
    'an empty title' => [['title' => '  '], 'title'],
    'a title of ten megabytes' => [['title' => 'TEN MEGABYTES'], 'title'],
    'a period that does not exist' => [['period' => '2027-W77'], 'period'],
    'a target equal to its start' => [
        ['measure' => 'number', 'start' => '3', 'target' => '3.0'],
        'target',
        'Target must differ from start.',
    ],
    'no target' => [['measure' => 'number', 'start' => '3'], 'target', 'Enter the target.'],
    'a target that is no number' => [['measure' => 'count', 'target' => 'many'], 'target'],
    'a share above all' => [['measure' => 'keep', 'limit' => '1', 'share' => '101'], 'share'],
    'outside its parent’s period' => [
        ['parent' => 'PARENT', 'period' => '2027-Q2'],
        'parent',
        '“A goal” cannot be below “First harbours”: 2027-Q2 is not within 2027-Q1.',
    ],
    'under a shorter horizon' => [
        ['parent' => 'PARENT', 'period' => '2027'],
        'parent',
        '“A goal” cannot be below “First harbours”: a year goal cannot contribute to a quarter goal.',
    ],
    'a parent that is not there' => [['parent' => 999], 'parent', 'This goal no longer exists.'],
    'no weight' => [['weight' => '0'], 'weight'],
    'a checkpoint outside' => [
        ['checkpoints' => [['on' => '2027-06-01', 'percent' => 50]]],
        'checkpoints',
        'Checkpoint 2027-06-01 lies outside 2027-Q1.',
    ],
    'a checkpoint on no day' => [['checkpoints' => [['on' => '2027-02-30', 'percent' => 50]]], 'checkpoints.0.on'],
    'an unknown kind' => [['measure' => 'mood'], 'measure'],
    'a mark of three letters' => [['mark' => 'ABC'], 'mark'],
]);

it('refuses a goal that would be its own ancestor', function (): void {
    $year = Made::goal($this->lead, '2027');
    $beneath = Made::goal($this->lead, '2027', ['parent_id' => $year->id]);

    $this->put("/goals/$year->id", [
        'title' => $year->title,
        'period' => '2027',
        'measure' => 'work',
        'parent' => $beneath->id,
    ])->assertSessionHasErrors('parent');
    $this->put("/goals/$year->id", [
        'title' => $year->title,
        'period' => '2027',
        'measure' => 'work',
        'parent' => $year->id,
    ])->assertSessionHasErrors('parent');
    expect($year->refresh()->parent_id)->toBeNull();
});

it('refuses a move that would leave a goal beneath outside', function (): void {
    $quarter = Made::goal($this->lead, '2027-Q1');
    Made::goal($this->lead, '2027-W05', ['parent_id' => $quarter->id, 'title' => 'Two buoys wet']);

    $this->put("/goals/$quarter->id", ['title' => 'Q', 'period' => '2027-Q2', 'measure' => 'work'])->assertSessionHasErrors('period');
    expect($quarter->refresh()->period)->toBe('2027-Q1');
});

it('has one main goal for a period', function (): void {
    $first = Made::goal($this->lead, '2027', ['is_main' => true]);
    $this->post('/goals', ['title' => 'New main', 'period' => '2027', 'measure' => 'work', 'isMain' => true]);

    expect($first->refresh()->is_main)
        ->toBeFalse()
        ->and(Goal::query()->where('is_main', true)->value('title'))
        ->toBe('New main');
});

it('takes readings and shows the figure they make', function (): void {
    $goal = Made::goal($this->lead, '2027', ['measure' => 'number', 'start_value' => 42000, 'target_value' => 75000, 'unit' => '€']);
    $this->post("/goals/$goal->id/readings", ['on' => '2027-02-08', 'value' => '60000'])->assertSessionHasNoErrors();
    $this->post("/goals/$goal->id/readings", ['on' => '2027-02-08', 'value' => '52560'])->assertSessionHasNoErrors();

    $this->get("/goals/$goal->id")->assertInertia(
        fn(AssertableInertia $page) => $page
            ->component('goals/Goal')
            ->where('page.goal.gauge.progress', 32)
            ->where('page.goal.gauge.terms', '€52,560')
            ->where('page.formula', '(€52,560 − €42,000) ÷ (€75,000 − €42,000), from the reading of 8 Feb')
            ->has('page.readings', 2)
            ->etc(),
    );

    $this->delete('/readings/'.Reading::query()->max('id'));
    $this->get("/goals/$goal->id")->assertInertia(fn(AssertableInertia $page) => $page->where('page.goal.gauge.terms', '€60,000')->etc());
});

it('refuses readings that cannot be', function (array $input, string $field): void {
    $goal = Made::goal($this->lead, '2027', ['measure' => 'number', 'start_value' => 0, 'target_value' => 1]);

    $this->post("/goals/$goal->id/readings", ['on' => '2027-02-08', 'value' => '1', ...$input])->assertSessionHasErrors($field);
    expect(Reading::query()->count())->toBe(0);
})->with([
    [['on' => '2027-02-31'], 'on'],
    [['on' => '2027-02-11'], 'on'],
    [['value' => 'much'], 'value'],
    [['value' => ''], 'value'],
    [['value' => '1e300'], 'value'],
]);

it('closes a goal and opens it again', function (): void {
    $goal = Made::goal($this->lead, '2027-Q1', ['parent_id' => Made::goal($this->lead)->id]);
    $this->post("/goals/$goal->id/close", ['result' => 'in_part', 'score' => '60', 'line' => 'Weather.'])->assertSessionHasNoErrors();

    $this->get("/goals/$goal->parent_id")->assertInertia(
        fn(AssertableInertia $page) => $page->where('page.goal.gauge.progress', 60)->where('page.sum.0.points', 60)->etc(),
    );
    $this->post("/goals/$goal->id/close", ['result' => 'met'])->assertSessionHasErrors('result');
    $this->post("/goals/$goal->id/reopen");
    expect($goal->refresh()->result)->toBeNull();
});

it('explains a figure down to what was left out', function (): void {
    $goal = Made::goal($this->lead, '2027-Q1');
    $project = Made::project($this->lead, [$goal]);
    Made::project($this->lead, [$goal], more: ['title' => 'Moorings Faroe', 'state' => 'dropped', 'state_on' => '2027-02-01']);
    Made::task($this->lead, ['project_id' => $project->id, 'done_on' => '2027-02-01']);
    Made::task($this->lead, ['project_id' => $project->id]);

    expect($this->props("/goals/$goal->id")['page']['sum'])->toEqual([
        [
            'title' => 'Moorings Orkney',
            'link' => '/projects/1',
            'detail' => '1 of 2 tasks',
            'weight' => 1,
            'done' => 50,
            'points' => 50,
            'leftOut' => null,
            'why' => '/projects/1/figure?on=2027-02-10',
        ],
        [
            'title' => 'Moorings Faroe',
            'link' => '/projects/2',
            'detail' => 'no tasks yet',
            'weight' => 1,
            'done' => null,
            'points' => 0,
            'leftOut' => 'dropped 1 Feb, left out',
            'why' => '/projects/2/figure?on=2027-02-10',
        ],
    ]);
});

it('lets only the owner or a lead change a goal', function (): void {
    $goal = Made::goal(Made::person());
    $this->get("/goals/$goal->id/edit")->assertOk();
    $this->actingAs(Made::person());
    $this->get("/goals/$goal->id")->assertOk();
    $this->get("/goals/$goal->id/edit")->assertForbidden();
    $this->put("/goals/$goal->id", ['title' => 'x', 'period' => '2027', 'measure' => 'work'])->assertForbidden();
    $this->post("/goals/$goal->id/close", ['result' => 'met'])->assertForbidden();
});

it('says plainly that there is nothing at an address', function (string $address): void {
    $this->get($address)->assertNotFound()->assertInertia(fn(AssertableInertia $page) => $page->component('Problem')->where('status', 404));
})->with(['/goals/99', '/year/9999', '/weeks/2027-W77', '/weeks/2027-Q1', '/reviews/soon', '/projects/7', '/nowhere']);

it('finds the next step of a long goal through the goals beneath it, and their projects', function (): void {
    $mei = Made::person(name: 'Mei Tanaka');
    $year = Made::goal($mei, '2027', ['title' => 'Forty harbours']);
    $week = Made::goal($mei, '2027-W06', ['parent_id' => Made::goal($mei, '2027-Q1', ['parent_id' => $year->id])->id]);
    $this->actingAs($mei);
    $next = fn(): ?string => $this->props("/goals/$year->id")['page']['nextStep']['title'] ?? null;
    expect($next())->toBeNull();
    Made::task($mei, ['project_id' => Made::project($mei, [$week])->id, 'title' => 'Weigh the sinkers']);
    expect($next())->toBe('Weigh the sinkers');
    Made::task($mei, ['goal_id' => $week->id, 'title' => 'Ask the harbour', 'rank' => 'A']);
    expect($next())->toBe('Ask the harbour');
});
