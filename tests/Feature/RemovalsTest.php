<?php

declare(strict_types=1);

use App\Models\Person;
use App\Models\Role;
use Illuminate\Support\Facades\DB;
use Tests\Feature\Made;
use Tests\Feature\Workspaces;

beforeEach(function (): void {
    Made::workspace();
    $this->owner = Made::person(Role::Member, 'Mei Tanaka');
    $this->lead = Made::person(Role::Lead, 'Noor Aksoy');
    $this->there = Workspaces::full($this->owner);
});

/** What is removed, by its address: which row of which table goes, and whether a lead or its owner may. */
dataset('removals', [
    'a contact' => ['contacts', 'contact', 'owner'],
    'an issue' => ['issues', 'issue', 'owner'],
    'a judgement' => ['judgements', 'judgement', 'owner'],
    'a comment' => ['comments', 'comment', 'owner'],
    'an estimate' => ['estimates', 'estimate', 'owner'],
    'a reading' => ['readings', 'reading', 'owner'],
    'a milestone' => ['milestones', 'milestone', 'owner'],
    'a line of the outline' => ['lines', 'line', 'owner', 'plan_lines'],
    'a step' => ['steps', 'step', 'owner'],
    'a reference' => ['references', 'reference', 'owner'],
    'a long-term goal' => ['long-term-goals', 'longTermGoal', 'lead', 'long_term_goals'],
    'a main effort' => ['main-efforts', 'mainEffort', 'owner', 'main_efforts'],
    'an assumption' => ['assumptions', 'assumption', 'owner'],
    'a trade-off' => ['trade-offs', 'tradeOff', 'owner', 'trade_offs'],
    'a group' => ['groups', 'group', 'lead'],
    'an extra field' => ['fields', 'field', 'lead'],
    'a list of one’s own' => ['lists/saved', 'saved', 'owner', 'saved_lists'],
]);

it('is gone once it is removed, and as it was once that is undone', function (
    string $address,
    string $parameter,
    string $by,
    ?string $table = null,
): void {
    $id = $this->there[$parameter];
    $stored = fn(): array => (array) DB::table($table ?? $address)->find($id);
    $before = $stored();
    $this->actingAs($by === 'lead' ? $this->lead : $this->owner)
        ->delete("/$address/$id")
        ->assertStatus(303)
        ->assertSessionHasNoErrors();
    $batch = session('change')['batch'];

    expect($stored() === [] || array_diff_assoc($stored(), $before) !== [])->toBeTrue('it is gone, or marked so');
    $this->post("/undo/$batch")->assertSessionHasNoErrors();
    expect(array_diff_key($stored(), ['updated_at' => 1]))->toEqual(array_diff_key($before, ['updated_at' => 1]));
})->with('removals');

it('is removed once by two who press at the same time: the second is told that it is not there', function (
    string $address,
    string $parameter,
    string $by,
    ?string $table = null,
): void {
    $this->actingAs($by === 'lead' ? $this->lead : $this->owner)
        ->delete("/$address/{$this->there[$parameter]}")
        ->assertStatus(303);
    $count = DB::table('changes')->count();
    $again = $this->delete("/$address/{$this->there[$parameter]}");

    expect($again->getStatusCode())
        ->toBeIn([404, 303, 302])
        ->and(DB::table('changes')->count())
        ->toBeLessThanOrEqual($count + ($again->getStatusCode() === 303 ? 1 : 0));
})->with('removals');

it('stops notification somebody who follows no longer', function (): void {
    $follower = Made::person(name: 'Elif Demir');
    $this->actingAs($follower)
        ->post("/goals/{$this->there['goal']}/following")
        ->assertSessionHasNoErrors();
    $told = fn(): int => DB::table('notifications')->where('person_id', $follower->id)->count();
    $this->actingAs($this->owner)->post("/goals/{$this->there['goal']}/comments", ['words' => 'It holds.']);
    expect($told())->toBe(1);
    $this->actingAs($follower)
        ->delete("/goals/{$this->there['goal']}/following")
        ->assertSessionHasNoErrors();
    $this->actingAs($this->owner)->post("/goals/{$this->there['goal']}/comments", ['words' => 'It still holds.']);
    expect($told())->toBe(1);
});

it('keeps who was there when that is changed', function (): void {
    $this->actingAs($this->owner)
        ->put("/attendances/{$this->there['attendance']}", ['wasThere' => false])
        ->assertSessionHasNoErrors();
    expect((bool) DB::table('attendances')->where('id', $this->there['attendance'])->value('was_there'))->toBeFalse();
    $this->post('/undo/'.DB::table('changes')->latest('id')->value('batch'))->assertSessionHasNoErrors();
    expect((bool) DB::table('attendances')->where('id', $this->there['attendance'])->value('was_there'))->toBeTrue();
});

it('takes no second person of an address, and no short password, on the command line', function (): void {
    $add = fn(string $password, bool $isLead = false) => $this->artisan('people:add', [
        'name' => 'Priya Raman',
        'email' => 'priya@saltglass.example',
        '--lead' => $isLead,
    ])->expectsQuestion('Password, at least ten characters', $password);
    $add('short')->assertFailed();
    $add('a-calm-harbour', true)->assertSuccessful();
    $add('a-calm-harbour')->assertFailed();

    expect(Person::query()->where('email', 'priya@saltglass.example')->pluck('role')->all())->toBe([Role::Lead]);
});

it('sets up the workspace on the command line, and refuses what is none', function (): void {
    $this->artisan('workspace:set', ['--name' => 'Saltglass North', '--timezone' => 'Europe/Oslo'])->assertSuccessful();
    expect(DB::table('workspaces')->value('name'))
        ->toBe('Saltglass North')
        ->and(DB::table('workspaces')->value('timezone'))
        ->toBe('Europe/Oslo');

    $this->artisan('workspace:set', ['--timezone' => 'Mars/Olympus'])->assertFailed();
    expect(DB::table('workspaces')->value('timezone'))->toBe('Europe/Oslo');
});
