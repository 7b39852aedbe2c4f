<?php

declare(strict_types=1);

use App\Models\Assumption;
use App\Models\MainEffort;
use App\Models\Role;
use App\Models\TradeOff;
use Tests\Feature\Made;

beforeEach(function (): void {
    Made::workspace();
    $this->lead = Made::person(Role::Lead, 'Noor Aksoy');
    $this->mei = Made::person(name: 'Mei Tanaka');
    $this->goal = Made::goal($this->mei, '2027-Q1', ['title' => 'Nine harbours']);
    $this->actingAs($this->mei);
    $this->parts = fn(): array => $this->props("/goals/{$this->goal->id}")['page']['parts'];
});

it('keeps what carries a goal, what it rests on and what is left undone for it', function (): void {
    $id = $this->goal->id;
    $this->post("/goals/$id/main-efforts", ['title' => 'Every tide', 'hours' => '12.5', 'person' => $this->lead->id]);
    $this->post("/goals/$id/assumptions", ['title' => 'One tide is enough']);
    $this->post("/goals/$id/trade-offs", ['title' => 'Fairs']);
    $parts = ($this->parts)();

    expect($parts['mayChange'])
        ->toBeTrue()
        ->and($parts['efforts'][0])
        ->toMatchArray(['title' => 'Every tide', 'hours' => '12.5', 'minutes' => null, 'share' => null])
        ->and($parts['efforts'][0]['person']['name'])
        ->toBe('Noor Aksoy')
        // Without a day of its own it is tested by the end of the goal.
        ->and($parts['assumptions'][0])
        ->toMatchArray(['title' => 'One tide is enough', 'testOn' => '2027-03-31', 'isDue' => false, 'seen' => null])
        ->and(array_column($parts['tradeOffs'], 'title'))
        ->toBe(['Fairs']);

    $this->actingAs(Made::person());
    expect(($this->parts)()['mayChange'])->toBeFalse();
});

it('takes the hours of a main effort from its line', function (): void {
    $id = $this->goal->id;
    $this->post("/goals/$id/main-efforts", ['title' => 'Every tide, 6 h a week'])->assertSessionHasNoErrors();
    $this->post("/goals/$id/main-efforts", ['title' => 'Test the 24 h battery'])->assertSessionHasNoErrors();
    [$tide, $battery] = ($this->parts)()['efforts'];
    expect($tide)
        ->toMatchArray(['title' => 'Every tide', 'hours' => '6'])
        ->and($battery)
        ->toMatchArray(['title' => 'Test the 24 h battery', 'hours' => null]);

    $this->put("/main-efforts/{$tide['id']}", ['title' => 'Every tide, 2,5 h per week', 'hours' => '6'])->assertSessionHasNoErrors();
    expect(($this->parts)()['efforts'][0])->toMatchArray(['title' => 'Every tide', 'hours' => '2.5']);
});

it('says when an assumption is to be tested, and keeps what was seen', function (): void {
    $this->post("/goals/{$this->goal->id}/assumptions", ['title' => 'One tide is enough', 'testOn' => '2027-02-10']);
    $assumption = Assumption::query()->firstOrFail();
    expect(($this->parts)()['assumptions'][0]['isDue'])->toBeTrue();

    $this->put("/assumptions/$assumption->id/seen", ['words' => 'It takes two.'])->assertSessionHasNoErrors();
    expect(($this->parts)()['assumptions'][0])->toMatchArray(['seen' => 'It takes two.', 'seenOn' => Made::TODAY, 'isDue' => false]);

    $this->put("/assumptions/$assumption->id/seen", ['words' => ''])->assertSessionHasNoErrors();
    expect(($this->parts)()['assumptions'][0])->toMatchArray(['seen' => null, 'seenOn' => null, 'isDue' => true]);
});

it('refuses what cannot be', function (string $address, array $fields, string $field): void {
    $this->post("/goals/{$this->goal->id}/$address", $fields)->assertSessionHasErrors($field);
    expect(MainEffort::query()->count() + Assumption::query()->count() + TradeOff::query()->count())->toBe(0);
})->with([
    'no title' => ['main-efforts', ['title' => ' '], 'title'],
    'a long title' => ['trade-offs', ['title' => str_repeat('a', 201)], 'title'],
    'no hours' => ['main-efforts', ['title' => 'It', 'hours' => '0'], 'hours'],
    'more hours than a week has' => ['main-efforts', ['title' => 'It', 'hours' => '81'], 'hours'],
    'hours in words' => ['main-efforts', ['title' => 'It', 'hours' => 'many'], 'hours'],
    'a day that is none' => ['assumptions', ['title' => 'It', 'testOn' => '2027-02-30'], 'testOn'],
    'nobody' => ['trade-offs', ['title' => 'It', 'person' => 999], 'person'],
]);

it('is the goal’s owner’s and the leads’ to change, and nobody’s once it is closed', function (): void {
    $effort = MainEffort::query()->create(['goal_id' => $this->goal->id, 'title' => 'Every tide', 'person_id' => $this->mei->id]);
    $other = Made::person();
    $this->actingAs($other)
        ->post("/goals/{$this->goal->id}/trade-offs", ['title' => 'It'])
        ->assertForbidden();
    $this->put("/main-efforts/$effort->id", ['title' => 'It'])->assertForbidden();
    $this->delete("/main-efforts/$effort->id")->assertForbidden();

    $this->actingAs($this->lead)
        ->put("/main-efforts/$effort->id", ['title' => 'Every second tide', 'seen' => ['title' => 'Every tide']])
        ->assertSessionHasNoErrors();
    expect($effort->refresh()->title)->toBe('Every second tide');
    $this->put("/main-efforts/$effort->id", ['title' => 'Mine', 'seen' => ['title' => 'Every tide']])->assertSessionHasErrors('title');

    $this->post("/goals/{$this->goal->id}/close", ['result' => 'met'])->assertSessionHasNoErrors();
    $closed = ['title' => '“Nine harbours” is closed. Reopen it first.'];
    $this->assertRefused('post', "/goals/{$this->goal->id}/main-efforts", ['title' => 'Late'], $closed);
    $this->assertRefused('put', "/main-efforts/$effort->id", ['title' => 'Late', 'seen' => ['title' => 'Every second tide']], $closed);
});

it('shows in the week what was done of each main effort, and what is to be kept in sight', function (): void {
    $effort = MainEffort::query()->create([
        'goal_id' => $this->goal->id,
        'title' => 'Every tide',
        'hours' => 4,
        'person_id' => $this->mei->id,
    ]);
    TradeOff::query()->create(['goal_id' => $this->goal->id, 'title' => 'Fairs', 'person_id' => $this->mei->id]);
    $task = Made::task($this->mei, ['done_on' => '2027-02-09', 'minutes' => 30]);
    Made::task($this->mei, ['done_on' => '2027-02-09', 'minutes' => 90]);
    $this->put("/tasks/$task->id", ['main_effort_id' => $effort->id])->assertSessionHasNoErrors();
    $week = fn(string $week): array => $this->props("/weeks/$week")['page']['parts'];

    expect($week('2027-W06')[0]['efforts'][0])
        ->toMatchArray(['title' => 'Every tide', 'hours' => '4', 'minutes' => 30, 'share' => 25])
        ->and($week('2027-W06')[0]['tradeOffs'][0]['title'])
        ->toBe('Fairs')
        ->and($week('2027-W07')[0]['efforts'][0])
        ->toMatchArray(['minutes' => 0, 'share' => null])
        ->and($week('2027-W20'))
        ->toBe([]);

    $this->delete("/main-efforts/$effort->id")->assertSessionHasNoErrors();
    expect($task->refresh()->main_effort_id)->toBeNull();
});

it('is planned goal by goal, and looked back on in the next planning', function (): void {
    $this->actingAs($this->lead);
    Assumption::query()->create([
        'goal_id' => $this->goal->id,
        'title' => 'One tide',
        'test_on' => '2027-03-01',
        'person_id' => $this->mei->id,
    ]);
    Made::goal($this->mei, '2027-Q1', ['title' => 'The main one', 'is_main' => true]);
    $this->put('/planning/2027-Q1/efforts')->assertSessionHasNoErrors();

    expect(array_column(array_column($this->props('/planning/2027-Q1')['page']['parts'], 'goal'), 'title'))
        ->toBe(['The main one', 'Nine harbours'])
        ->and($this->props('/planning/2027-Q2')['page']['tried'][1]['assumptions'][0]['title'])
        ->toBe('One tide');
});

it('shows nothing of a goal that one may not see, and is not to be chosen there', function (): void {
    $hidden = Made::goal($this->lead, '2027-Q1', ['visibility' => 'only_me']);
    $effort = MainEffort::query()->create(['goal_id' => $hidden->id, 'title' => 'Secret', 'person_id' => $this->lead->id]);
    $task = Made::task($this->mei, ['main_effort_id' => $effort->id]);

    expect(json_encode($this->props('/weeks/2027-W06')))
        ->not->toContain('Secret')
        ->and(json_encode($this->props("/tasks/$task->id")))
        ->not->toContain('Secret');
    $this->put("/tasks/$task->id", ['main_effort_id' => $effort->id])->assertSessionHasErrors([
        'main_effort_id' => 'This main effort no longer exists.',
    ]);
    $this->put("/main-efforts/$effort->id", ['title' => 'x'])->assertNotFound();
    $this->delete("/main-efforts/$effort->id")->assertNotFound();
});
