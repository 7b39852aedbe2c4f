<?php

declare(strict_types=1);

use App\Models\Estimate;
use App\Models\Goal;
use App\Models\Meeting;
use App\Models\Role;
use App\Models\Workspace;
use Tests\Feature\Made;

beforeEach(function (): void {
    Made::workspace();
    // The day is Wednesday 10 February 2027, week 6, in Q1.
    $this->noor = Made::person(Role::Lead, 'Noor Aksoy');
    $this->elif = Made::person(name: 'Elif Demir');
    $year = Made::goal($this->noor, '2027', ['mark' => 'HB']);
    $this->moved = Made::goal($this->elif, '2027-Q1', ['parent_id' => $year->id, 'title' => 'Moved']);
    $this->still = Made::goal($this->noor, '2027-Q1', ['parent_id' => $year->id, 'title' => 'Still']);
    Made::goal($this->noor, '2027-Q1', ['title' => 'Closed', 'closed_on' => '2027-02-01', 'result' => 'met']);
    Made::goal($this->noor, '2026-Q4', ['title' => 'Last quarter']);
    $project = Made::project($this->elif, [$this->moved]);
    Made::task($this->elif, ['project_id' => $project->id, 'done_on' => '2027-02-09', 'title' => 'Moor two']);
    Made::task($this->elif, ['project_id' => $project->id, 'done_on' => '2027-02-03']);
    Made::task($this->elif, ['project_id' => $project->id]);
    Made::task($this->elif, ['project_id' => $project->id]);
    $this->say = fn(Goal $goal, int $chance, string $on = Made::TODAY) => Estimate::query()->create([
        'goal_id' => $goal->id,
        'person_id' => $goal->owner_id,
        'on' => $on,
        'chance' => $chance,
        'line' => 'The ferry runs.',
    ]);
    $this->actingAs($this->noor);
    $this->page = fn(string $week = '2027-W06'): array => $this->props("/reviews/team/$week")['page'];
});

it('shows the open goals of the quarter, what changed this week first, with what owners say', function (): void {
    ($this->say)($this->moved, 40, '2027-02-02');
    ($this->say)($this->moved, 70);
    $page = ($this->page)();
    $titles = static fn(array $goals): array => array_column(array_column($goals, 'goal'), 'title');
    expect($titles($page['changed']))
        ->toBe(['Moved'])
        ->and($page['changed'][0])
        ->toMatchArray(['change' => 25, 'chance' => 70, 'line' => 'The ferry runs.', 'isSaid' => true, 'isMine' => false])
        ->and($titles($page['others']))
        ->toBe(['Still'])
        ->and($page['others'][0])
        ->toMatchArray(['chance' => null, 'isSaid' => false, 'isMine' => true])
        ->and($page['silent'])
        ->toBe(['Noor Aksoy']);
    $before = ($this->page)('2027-W05');
    expect($before['changed'][0]['chance'])
        ->toBe(40)
        ->and($this->props('/reviews/team')['page']['week']['name'])
        ->toBe('2027-W06');
});

it('takes a chance where it is asked for, from the owner alone', function (): void {
    $this->post("/goals/{$this->still->id}/estimates", ['chance' => '60', 'line' => 'Two crews.'])->assertSessionHasNoErrors();
    $this->post("/goals/{$this->moved->id}/estimates", ['chance' => '60'])->assertSessionHasErrors();
    expect(($this->page)()['silent'])->toBe(['Elif Demir']);
});

it('shows nobody a goal that is hidden from them, nor its owner among the silent', function (): void {
    $this->still->update(['visibility' => 'only_me']);
    $this->actingAs($this->elif);
    $page = ($this->page)();
    expect(count($page['changed']) + count($page['others']))
        ->toBe(1)
        ->and($page['silent'])
        ->toBe(['Elif Demir']);
});

it('asks owners from the day that a lead chooses, until they have said something', function (): void {
    $asked = fn(): bool => in_array('estimates', array_column($this->props('/')['page']['passes'], 'kind'), true);
    expect($asked())->toBeFalse();
    Made::later('2027-02-11');
    expect($asked())->toBeTrue();
    ($this->say)($this->still, 50, '2027-02-11');
    expect($asked())->toBeFalse();
    $this->actingAs($this->elif);
    expect($asked())->toBeTrue();
    $this->put('/reviews/team/day', ['on' => 'monday'])->assertForbidden();
    $this->actingAs($this->noor)
        ->put('/reviews/team/day', ['on' => 'someday'])
        ->assertSessionHasErrors('on');
    $this->put('/reviews/team/day', ['on' => 'monday'])->assertSessionHasNoErrors();
    expect(Workspace::query()->sole()->asks_owners_on)
        ->toBe('monday')
        ->and(($this->page)()['asksOn'])
        ->toBe('monday');
    Made::later('2027-02-15');
    expect($asked())->toBeTrue();
});

it('can be looked at in a meeting', function (): void {
    $series = Made::series([$this->noor]);
    $series->standingItems()->create(['position' => 0, 'title' => 'Our week', 'minutes' => 5, 'shows' => 'team_week']);
    $this->post("/series/$series->id/open", ['on' => '2027-02-15', 'early' => true])->assertSessionHasNoErrors();
    $items = $this->props('/meetings/'.Meeting::query()->sole()->id)['page']['items'];
    expect(collect($items)->firstWhere('title', 'Our week')['look'])->toMatchArray([
        'value' => '/reviews/team',
        'label' => 'Open the team’s week',
    ]);
});

it('asks an owner in their week and in their review until they have said it this week', function (): void {
    $asked = fn(string $address): array => array_column($this->actingAs($this->elif)->props($address)['page']['asked'], 'title');
    ($this->say)($this->moved, 40, '2027-02-02');
    // Thursday is the day from which owners are asked; the review of a week asks on any.
    expect($asked('/weeks/2027-W06'))
        ->toBe([])
        ->and($asked('/reviews/2027-W06'))
        ->toBe(['Moved']);
    Made::later('2027-02-11');
    $last = $this->actingAs($this->elif)->props('/weeks/2027-W06')['page']['asked'][0];
    expect($last)
        ->toMatchArray(['title' => 'Moved', 'chance' => 40, 'line' => 'The ferry runs.', 'on' => '2027-02-02'])
        ->and($asked('/weeks/2027-W07'))
        ->toBe([]);
    $this->post("/goals/{$this->moved->id}/estimates", ['chance' => 60, 'line' => 'Two crews.'])->assertSessionHasNoErrors();
    expect($asked('/weeks/2027-W06'))->toBe([])->and($asked('/reviews/2027-W06'))->toBe([]);
    Made::later('2027-02-18');
    expect($asked('/weeks/2027-W07'))->toBe(['Moved']);
});

it('asks nobody about goals of others in their week', function (): void {
    Made::later('2027-02-11');
    expect($this->actingAs($this->noor)->props("/weeks/2027-W06?who={$this->elif->id}")['page']['asked'])->toBe([]);
});

it('tells a lead where owner and forecast differ most', function (): void {
    $project = Made::project($this->elif, [$this->still]);

    foreach (range(1, 8) as $week) {
        Made::task($this->noor, [
            'project_id' => $project->id,
            'created_on' => '2026-12-01',
            'done_on' => $week > 6 ? null : "2027-01-0$week",
        ]);
    }

    ($this->say)($this->still, 5);
    ($this->say)($this->moved, 50);
    $differing = ($this->page)()['differing'];

    foreach ($differing as $each) {
        expect(abs($each['said'] - $each['computed']))->toBeGreaterThanOrEqual(20);
    }

    expect(array_column($differing, 'title'))->toContain('Still')->and($differing[0]['said'])->toBe(5);
    expect($this->actingAs($this->elif)->props('/reviews/team/2027-W06')['page']['differing'])->toBe([]);
});
