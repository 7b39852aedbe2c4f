<?php

declare(strict_types=1);

use App\Models\Goal;
use App\Models\LongTermGoal;
use App\Models\Role;
use Tests\Feature\Made;

beforeEach(function (): void {
    Made::workspace();
    $this->lead = Made::person(Role::Lead, 'Noor Aksoy');
    $this->mei = Made::person(name: 'Mei Tanaka');
    $this->actingAs($this->lead);
});

it('is left and taken up where it was', function (): void {
    expect($this->props('/planning/2027-Q2')['page']['step'])->toBe('look_back');
    $this->put('/planning/2027-Q2/efforts')->assertRedirect('/planning/2027-Q2/efforts');

    expect($this->props('/planning/2027-Q2')['page']['step'])
        ->toBe('efforts')
        ->and($this->props('/planning/2027-Q2/goals')['page']['step'])
        ->toBe('goals')
        ->and(collect($this->props('/')['page']['passes'])->firstWhere('title', 'Continue planning Q2')['detail'])
        ->toBe('Stopped at step 5 of 7');

    $this->post('/planning/2027-Q2/finish')->assertRedirect('/year/2027-Q2');
    expect(array_column($this->props('/')['page']['passes'], 'title'))->not->toContain('Continue planning Q2');
    $this->get('/planning/2027-Q9')->assertNotFound();
    $this->get('/planning/2027-Q2/nowhere')->assertNotFound();
});

it('is for whoever stopped in the middle of it to go on with, and for nobody else', function (): void {
    $asked = fn($who): bool => in_array(
        'Continue planning Q2',
        array_column($this->actingAs($who)->props('/')['page']['passes'], 'title'),
        true,
    );
    $other = Made::person(Role::Lead, 'Elif Demir');
    $this->put('/planning/2027-Q2/efforts');
    expect([$asked($this->lead), $asked($other), $asked($this->mei)])->toBe([true, false, false]);

    // Who takes it up goes on with it.
    $this->actingAs($other)->put('/planning/2027-Q2/hours');
    expect([$asked($this->lead), $asked($other), $asked($this->mei)])->toBe([false, true, false]);
});

it('is due two weeks before a quarter begins, for the leads', function (): void {
    $titles = fn(): array => array_column($this->props('/')['page']['passes'], 'title');
    expect($titles())->not->toContain('Plan Q2');
    Made::later('2027-03-20');
    expect($titles())
        ->toContain('Plan Q2')
        ->and($this->actingAs($this->mei)->props('/')['page']['passes'])
        ->not->toContain('Plan Q2');
});

it('begins with what became of the last one and where the goals above should stand', function (): void {
    $year = Made::goal($this->lead, '2027', [
        'title' => '40 harbours',
        'measure' => 'number',
        'start_value' => 0,
        'target_value' => 40,
        'quarters' => [2],
    ]);
    Made::goal($this->lead, '2027', ['title' => 'Not in Q2', 'quarters' => [4]]);
    Made::goal($this->lead, '2027-Q1', ['title' => 'Open', 'parent_id' => $year->id]);
    Made::goal($this->lead, '2027-Q1', ['title' => 'Closed', 'closed_on' => '2027-02-01', 'result' => 'met', 'closing_line' => 'Early.']);
    $page = $this->props('/planning/2027-Q2')['page'];

    expect(array_column($page['unfinished'], 'title'))
        ->toBe(['Open'])
        ->and($page['results'][0]['line'])
        ->toBe('Early.')
        ->and($page['above'])
        ->toBe([]);

    $page = $this->props('/planning/2027-Q2/direction')['page'];
    expect(array_column(array_column($page['above'], 'goal'), 'title'))
        ->toBe(['40 harbours', 'Not in Q2'])
        ->and(array_column($page['above'], 'isPlaced'))
        ->toBe([true, false])
        ->and($page['above'][0]['expectedAtEnd'])
        ->toEqual(49)
        ->and($page['unfinished'])
        ->toBe([]);
});

it('takes goals under those above, weeks by week too', function (): void {
    $year = Made::goal($this->lead, '2027');
    $this->from('/planning/2027-Q2/goals')
        ->post('/goals', ['title' => 'First 15 wet', 'period' => '2027-Q2', 'parent' => $year->id, 'measure' => 'work', 'stay' => true])
        ->assertRedirect('/planning/2027-Q2/goals');
    $this->post('/goals', ['title' => 'Papers', 'period' => '2027-Q2', 'measure' => 'work', 'stay' => true]);
    $page = $this->props('/planning/2027-Q2/goals')['page'];
    expect($page['above'][0]['goals'][0]['goal']['title'])
        ->toBe('First 15 wet')
        ->and($page['alone'][0]['goal']['title'])
        ->toBe('Papers');

    $quarter = Goal::query()->where('title', 'First 15 wet')->firstOrFail();
    $this->post('/goals', [
        'title' => 'Berths ready',
        'period' => '2027-W15',
        'parent' => $quarter->id,
        'measure' => 'work',
        'stay' => true,
    ]);
    $page = $this->props('/planning/2027-W14+2/goals')['page'];
    expect($page['stretch']['words'])
        ->toBe('Weeks 14 to 15')
        ->and($page['above'][0]['goals'][0]['goal']['title'])
        ->toBe('Berths ready');
});

it('says which goals come first and which is the main one', function (): void {
    $before = Made::goal($this->lead, '2027-Q2', ['is_main' => true]);
    $goal = Made::goal($this->mei, '2027-Q2');
    $this->put("/goals/$goal->id/mark", ['isMain' => true, 'isFirst' => true])->assertSessionHasNoErrors();

    expect($goal->refresh())->is_main->toBeTrue()->is_first->toBeTrue()->and($before->refresh()->is_main)->toBeFalse();
    $this->actingAs($this->mei)
        ->put("/goals/$before->id/mark", ['isMain' => true, 'isFirst' => true])
        ->assertForbidden();
});

it('takes the meetings that are left out of the time that there is, and shows others no private ones', function (): void {
    Made::series([$this->mei, $this->lead], ['rule' => 'FREQ=WEEKLY;BYDAY=MO', 'time' => '09:00', 'minutes' => 60]);
    Made::series([$this->mei], ['rule' => 'FREQ=WEEKLY;BYDAY=MO', 'time' => '09:30', 'minutes' => 60]);
    Made::series([$this->lead], ['rule' => 'FREQ=DAILY', 'minutes' => 60, 'is_private' => true]);
    $load = collect($this->props('/planning/2027-W08/hours')['page']['load'])->keyBy('person.id');

    expect($load[$this->mei->id]['available'])
        ->toBe(40 * 60 - 90)
        ->and($load[$this->lead->id]['available'])
        ->toBeLessThan(40 * 60 - 60);
    $this->actingAs($this->mei);
    expect(collect($this->props('/planning/2027-W08/hours')['page']['load'])->keyBy('person.id')[$this->lead->id]['available'])->toBe(
        40 * 60 - 60,
    );
    // Of the present week only what comes from today on: its Monday is over.
    expect(collect($this->props('/planning/2027-W06/hours')['page']['load'])->keyBy('person.id')[$this->mei->id]['available'])->toBe(
        3 * 8 * 60,
    );
});

it('warns of more than people can carry', function (): void {
    foreach (range(1, 6) as $ignored) {
        Made::goal($this->mei, '2027-Q1');
    }

    Made::task($this->lead, ['planned' => '2027-W07', 'minutes' => 100_000]);
    Made::task($this->lead, ['planned' => '2027-Q2', 'minutes' => 100_000]);
    Made::task($this->mei, ['due_on' => '2027-03-01', 'minutes' => 90]);
    $load = collect($this->props('/planning/2027-Q1/hours')['page']['load'])->keyBy('person.name');

    // From Wednesday 10 February to the end of March there are 36 working days of 8 hours.
    expect($load['Noor Aksoy'])
        ->toMatchArray(['planned' => 100_000, 'available' => 36 * 480, 'isOver' => true, 'hasMany' => false])
        ->and($load['Mei Tanaka'])
        ->toMatchArray(['goals' => 6, 'planned' => 90, 'isOver' => false, 'hasMany' => true]);
});

it('plans a year from nothing', function (): void {
    LongTermGoal::query()->create(['title' => 'Every harbour measures', 'on' => '2031-01-01']);
    $page = $this->props('/planning/2028/direction')['page'];
    expect($page['direction']['longTerm']['longTermGoals'])->toHaveCount(1)->and($page['above'])->toBe([]);
    $this->post('/goals', ['title' => '80 harbours', 'period' => '2028', 'measure' => 'work', 'stay' => true]);
    expect($this->props('/planning/2028/goals')['page']['direction']['goals'][0]['goal']['title'])->toBe('80 harbours');
});

it('shows what a change does to the figures before it is done', function (): void {
    $year = Made::goal($this->lead, '2027', ['title' => '40 harbours']);
    $other = Made::goal($this->lead, '2027', ['title' => 'Revenue']);
    $quarter = Made::goal($this->mei, '2027-Q1', ['title' => 'First 15', 'parent_id' => $year->id]);
    Made::task($this->mei, ['goal_id' => $quarter->id, 'done_on' => '2027-02-01']);
    Made::task($this->mei, ['goal_id' => $quarter->id]);
    $fields = ['title' => 'First 15', 'period' => '2027-Q1', 'measure' => 'work', 'parent' => $other->id];
    $figures = fn(array $change): array => collect(
        $this->postJson("/goals/$quarter->id/preview", [...$fields, ...$change])
            ->assertOk()
            ->json('figures'),
    )
        ->mapWithKeys(fn(array $row): array => [$row['title'] => [$row['before']['progress'], $row['after']['progress']]])
        ->all();

    expect($figures([]))
        ->toEqual(['First 15' => [50, 50], '40 harbours' => [50, null], 'Revenue' => [null, 50]])
        ->and($figures(['parent' => $year->id, 'measure' => 'count', 'target' => '4']))
        ->toEqual(['First 15' => [50, 25], '40 harbours' => [50, 25]])
        ->and($figures(['parent' => null, 'period' => '2027-Q3']))
        ->toEqual(['First 15' => [50, 50], '40 harbours' => [50, null]])
        ->and($quarter->refresh())
        ->parent_id->toBe($year->id)
        ->period->toBe('2027-Q1')
        ->and(DB::table('activity_log')->count())
        ->toBe(0);

    $this->postJson("/goals/$quarter->id/preview", [...$fields, 'period' => '2028-Q1'])
        ->assertUnprocessable()
        ->assertJsonValidationErrors('parent');
    $this->actingAs(Made::person())
        ->postJson("/goals/$quarter->id/preview", $fields)
        ->assertForbidden();
});

it('says for how many goals no work is estimated, through the goals beneath them and their projects', function (): void {
    $me = Made::person(name: 'Ana');
    $goal = fn(string $title, ?int $parent = null, string $period = '2027-Q1') => Made::goal($me, $period, [
        'title' => $title,
        'parent_id' => $parent,
    ]);
    $direct = $goal('Direct');
    Made::task($me, ['goal_id' => $direct->id, 'minutes' => 30]);
    $through = $goal('Through a project');
    Made::task($me, ['project_id' => Made::project($me, [$through])->id, 'minutes' => 60]);
    $above = $goal('Above');
    Made::task($me, ['goal_id' => $goal('Beneath', $above->id, '2027-W07')->id, 'minutes' => 15]);
    Made::task($me, ['goal_id' => $goal('Not estimated')->id]);
    Made::task($me, ['goal_id' => $goal('All done')->id, 'minutes' => 30, 'done_on' => '2027-02-01']);
    $goal('Nothing');
    Made::goal($me, '2027-Q1', ['title' => 'Hidden', 'visibility' => 'only_me']);
    // One that was closed asks for no estimate any more.
    Made::goal($me, '2027-Q1', ['title' => 'Closed', 'closed_on' => '2027-02-01', 'result' => 'not_met']);
    $load = collect($this->props('/planning/2027-Q1/hours')['page']['load'])->keyBy('person.name');

    expect($load['Ana']['goals'])->toBe(6)->and($load['Ana']['unestimated'])->toBe(3);
});
