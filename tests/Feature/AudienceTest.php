<?php

declare(strict_types=1);

use App\Models\Goal;
use App\Models\Group;
use App\Models\Membership;
use App\Models\Role;
use App\Models\Visibility;
use Tests\Feature\Made;

beforeEach(function (): void {
    Made::workspace();
    $this->lead = Made::person(Role::Lead, 'Noor Aksoy');
    $this->ingrid = Made::person(name: 'Ingrid Solheim');
    $this->mei = Made::person(name: 'Mei Tanaka');
    $this->workshop = Group::query()->create(['name' => 'The workshop']);
    Membership::query()->create(['group_id' => $this->workshop->id, 'person_id' => $this->mei->id]);
    $this->open = Made::goal($this->lead, '2027', ['title' => 'Forty harbours', 'measure' => 'work']);
    $this->fields = ['title' => 'A secret boat', 'period' => '2027-Q1', 'measure' => 'number', 'start' => '0', 'target' => '10'];
});

/** @return array<string, mixed> the row of the sum that others see */
function hiddenRow(mixed $test): array
{
    return collect($test->props("/goals/{$test->open->id}")['page']['sum'])->firstWhere('title', 'not visible to you') ?? [];
}

it('lets groups and people see a goal, and nobody else', function (): void {
    $this->actingAs($this->ingrid)
        ->post('/goals', [...$this->fields, 'visibility' => 'chosen', 'groups' => [$this->workshop->id]])
        ->assertSessionHasNoErrors();
    $goal = Goal::query()->where('title', 'A secret boat')->firstOrFail();

    $this->actingAs($this->mei)
        ->get("/goals/$goal->id")
        ->assertOk();
    expect((string) json_encode($this->props('/year')))->toContain('A secret boat');
    $this->actingAs($this->lead)
        ->get("/goals/$goal->id")
        ->assertNotFound();
    expect((string) json_encode($this->props('/year')))->not->toContain('A secret boat');

    $this->actingAs($this->ingrid)
        ->put("/goals/$goal->id", [...$this->fields, 'visibility' => 'chosen', 'people' => [$this->lead->id]])
        ->assertSessionHasNoErrors();
    $this->actingAs($this->mei)
        ->get("/goals/$goal->id")
        ->assertNotFound();
    $this->actingAs($this->lead)
        ->get("/goals/$goal->id")
        ->assertOk();
});

it('counts what is hidden only when its owner agrees, and shows its points and nothing else', function (): void {
    $this->actingAs($this->ingrid);
    $this->post('/goals', [...$this->fields, 'parent' => $this->open->id, 'visibility' => 'only_me'])->assertSessionHasErrors('visibility');
    $this->post('/goals', [
        ...$this->fields,
        'parent' => $this->open->id,
        'visibility' => 'only_me',
        'countsUnnamed' => true,
    ])->assertSessionHasNoErrors();
    $secret = Goal::query()->where('title', 'A secret boat')->firstOrFail();
    $this->post("/goals/$secret->id/readings", ['on' => '2027-02-01', 'value' => '4']);
    Made::goal($this->lead, '2027-Q1', ['parent_id' => $this->open->id, 'measure' => 'number', 'start_value' => 0, 'target_value' => 10]);
    $figure = fn(): mixed => $this->props("/goals/{$this->open->id}")['page']['goal']['gauge'];
    $seen = $figure();

    $this->actingAs($this->mei);
    expect($figure())
        ->toBe($seen)
        ->and($seen['progress'])
        ->toEqual(20)
        ->and(array_filter(hiddenRow($this), fn(mixed $value): bool => $value !== null))
        ->toEqual(['title' => 'not visible to you', 'points' => 20.0]);

    foreach (
        [
            '/',
            '/weeks/2027-W06',
            '/year',
            "/goals/{$this->open->id}",
            '/goals/new',
            '/projects',
            '/projects/new',
            '/people',
            '/reviews/2027-W06',
            '/series/new',
        ] as $address
    ) {
        expect((string) json_encode($this->props($address)))
            ->not->toContain('secret')
            ->not->toContain('Ingrid Solheim"},"'.$secret->id);
    }
});

it('lets nobody but the owner agree to that', function (): void {
    $secret = Made::goal($this->ingrid, '2027-Q1', ['visibility' => Visibility::OnlyMe]);
    $this->actingAs($this->lead)
        ->put("/goals/$secret->id", [...$this->fields, 'countsUnnamed' => true])
        ->assertNotFound();
    $this->post('/goals', [
        ...$this->fields,
        'owner' => $this->ingrid->id,
        'parent' => $this->open->id,
        'visibility' => 'chosen',
        'people' => [$this->lead->id],
        'countsUnnamed' => true,
    ])->assertSessionHasErrors('countsUnnamed');
    $this->post('/goals', [
        ...$this->fields,
        'owner' => $this->ingrid->id,
        'visibility' => 'chosen',
        'people' => [$this->mei->id],
    ])->assertSessionHasErrors('visibility');
    $this->post('/goals', [...$this->fields, 'visibility' => 'chosen'])->assertSessionHasErrors('visibility');
});

it('does not let a parent be opened over what would then show through', function (): void {
    $above = Made::goal($this->ingrid, '2027', ['visibility' => Visibility::OnlyMe]);
    Made::goal($this->ingrid, '2027-Q1', ['title' => 'Beneath', 'visibility' => Visibility::OnlyMe, 'parent_id' => $above->id]);

    $this->actingAs($this->ingrid)
        ->put("/goals/$above->id", ['title' => 'x', 'period' => '2027', 'measure' => 'work'])
        ->assertSessionHasErrors('visibility');
    expect($above->refresh()->visibility)->toBe(Visibility::OnlyMe);
});

it('hides the tasks of a goal that is hidden later, but not from their owners', function (): void {
    $goal = Made::goal($this->ingrid, '2027-Q1', ['title' => 'A secret boat']);
    $task = Made::task($this->mei, ['goal_id' => $goal->id, 'title' => 'Plane the keel']);
    $hide = ['title' => 'A secret boat', 'period' => '2027-Q1', 'measure' => 'work', 'visibility' => 'chosen'];

    $this->actingAs($this->ingrid)
        ->put("/goals/$goal->id", [...$hide, 'people' => [$this->lead->id]])
        ->assertSessionHasErrors('visibility');
    $this->put("/goals/$goal->id", [...$hide, 'groups' => [$this->workshop->id]])->assertSessionHasNoErrors();
    $this->actingAs($this->lead)
        ->get("/tasks/$task->id")
        ->assertNotFound();
    $this->actingAs($this->mei)
        ->get("/tasks/$task->id")
        ->assertOk();
    $this->put("/tasks/$task->id", ['owner_id' => $this->lead->id])->assertSessionHasErrors('owner_id');

    Membership::query()->delete();
    expect((string) json_encode($this->props("/tasks/$task->id")))->toContain('Plane the keel')->not->toContain('secret');
});

it('lets leads make groups, and keeps one that goals need', function (): void {
    $this->actingAs($this->mei)
        ->post('/groups', ['name' => 'Us', 'people' => [$this->mei->id]])
        ->assertForbidden();
    $this->actingAs($this->lead)
        ->post('/groups', ['name' => 'The leads', 'people' => [$this->lead->id, $this->mei->id]])
        ->assertSessionHasNoErrors();
    $group = Group::query()->where('name', 'The leads')->firstOrFail();
    $this->put("/groups/$group->id", ['name' => 'Leads', 'people' => [$this->lead->id]])->assertSessionHasNoErrors();
    $this->post('/groups', ['name' => 'Leads', 'people' => [$this->lead->id]])->assertSessionHasErrors('name');
    $this->post('/goals', [...$this->fields, 'scope' => 'group'])->assertSessionHasErrors('group');
    $this->post('/goals', [...$this->fields, 'scope' => 'group', 'group' => $group->id])->assertSessionHasNoErrors();
    $this->delete("/groups/$group->id")->assertSessionHasErrors('group');
    $this->delete("/groups/{$this->workshop->id}")->assertSessionHasNoErrors();
    expect(Group::query()->pluck('name')->all())
        ->toBe(['Leads'])
        ->and($group->memberships()->count())
        ->toBe(1);
});

it('writes what is hidden into the plan file as what it gives, so that the figures are the same', function (): void {
    $secret = Made::goal($this->ingrid, '2027-Q1', [
        'title' => 'A secret boat',
        'parent_id' => $this->open->id,
        'visibility' => Visibility::OnlyMe,
        'counts_unnamed' => true,
        'weight' => 3,
    ]);
    Made::goal($this->lead, '2027-Q1', ['parent_id' => $this->open->id, 'measure' => 'number', 'start_value' => 0, 'target_value' => 10]);
    Made::task($this->ingrid, ['goal_id' => $secret->id, 'visibility' => Visibility::OnlyMe, 'done_on' => '2027-01-20']);
    Made::task($this->ingrid, ['goal_id' => $secret->id, 'visibility' => Visibility::OnlyMe, 'title' => 'A secret errand']);
    Artisan::call('plan:export');
    $written = Artisan::output();
    file_put_contents($file = (string) tempnam(sys_get_temp_dir(), 'plan'), $written);

    foreach (['2027-01-19' => 0.0, '2027-02-10' => 0.375] as $day => $progress) {
        Artisan::call('plan:compute', ['file' => $file, '--as-of' => $day]);
        expect(json_decode(Artisan::output(), true)['goals']["g{$this->open->id}"]['progress'])->toEqual($progress);
    }

    $this->actingAs($this->mei);
    expect($this->props("/goals/{$this->open->id}")['page']['goal']['gauge']['progress'])
        ->toEqual(37.5)
        ->and($written)
        ->not->toContain('secret');
    unlink($file);
});
