<?php

declare(strict_types=1);

use App\Models\AccessLink;
use App\Models\Person;
use App\Models\Role;
use Illuminate\Support\Str;
use Tests\Feature\Made;

beforeEach(function (): void {
    Made::workspace();
    $this->lead = Made::person(Role::Lead, 'Noor Aksoy');
    $this->mei = Made::person(Role::Member, 'Mei Tanaka');
    $this->invite = function (): Person {
        $new = ['name' => 'Lucía Herrera', 'email' => 'lucia@saltglass.example', 'role' => 'member', 'weeklyHours' => 32];
        $this->actingAs($this->lead)->post('/people', $new)->assertSessionHasNoErrors();

        return Person::query()->where('email', $new['email'])->sole();
    };
    $this->list = fn(): array => $this->actingAs($this->lead)->props('/people')['page']['invitations'];
    $this->token = static fn(): string => Str::afterLast((string) session('link')['address'], '/');
    $this->choose = function (string $token) {
        auth()->logout();

        return $this->post("/access/$token", ['password' => 'a calm tide in March']);
    };
});

it('lists who has not come yet, for the leads alone, until they come', function (): void {
    ($this->invite)();
    $token = ($this->token)();
    $row = ($this->list)()[0];
    expect([$row['person']['name'], $row['email'], $row['role'], $row['invitedOn'], $row['until'], $row['isOver']])
        ->toBe(['Lucía Herrera', 'lucia@saltglass.example', 'member', Made::TODAY, '2027-02-24', false])
        ->and($this->actingAs($this->mei)->props('/people')['page']['invitations'])
        ->toBe([]);

    ($this->choose)($token)->assertRedirect('/');
    expect(($this->list)())->toBe([]);
});

it('is renewed, and the link before is worthless then', function (): void {
    $person = ($this->invite)();
    $first = ($this->token)();
    Made::later('2027-03-01');
    expect(($this->list)()[0]['isOver'])->toBeTrue();

    $this->post("/people/$person->id/link")->assertSessionHas('link.name', 'Lucía Herrera');
    $second = ($this->token)();
    $row = ($this->list)()[0];
    expect([$row['invitedOn'], $row['until'], $row['isOver']])->toBe(['2027-03-01', '2027-03-15', false]);
    ($this->choose)($first)->assertSessionHasErrors('password');
    ($this->choose)($second)->assertRedirect('/');
});

it('is withdrawn by a lead: the link is worthless, what they were given goes back, and undo lets them come', function (): void {
    $person = ($this->invite)();
    $token = ($this->token)();
    $task = Made::task($person, ['title' => 'Read crew notes']);
    $this->actingAs($this->mei)->delete("/people/$person->id/invitation")->assertForbidden();
    $this->actingAs($this->lead)->delete("/people/$person->id/invitation")->assertSessionHasNoErrors();
    expect([($this->list)(), $person->refresh()->deactivated_on !== null, $task->refresh()->owner_id])->toBe([[], true, $this->lead->id]);
    ($this->choose)($token)->assertSessionHasErrors('password');

    $this->actingAs($this->lead)->post('/undo')->assertSessionHasNoErrors();
    expect([($this->list)()[0]['isOver'], $task->refresh()->owner_id])->toBe([true, $person->id]);
    $this->post("/people/$person->id/link");
    ($this->choose)(($this->token)())->assertRedirect('/');
});

it('cannot be withdrawn once they have come, or were never invited', function (): void {
    $person = ($this->invite)();
    ($this->choose)(($this->token)());
    $this->actingAs($this->lead);
    $this->delete("/people/$person->id/invitation")->assertSessionHasErrors('person');
    $this->delete("/people/{$this->mei->id}/invitation")->assertSessionHasErrors('person');
    expect($person->refresh()->deactivated_on)->toBeNull();
});

it('ends every older link by a new password too', function (): void {
    $this->actingAs($this->lead)->post("/people/{$this->mei->id}/link");
    $token = ($this->token)();
    $this->mei->forceFill(['password' => 'the old one of mine'])->save();
    $this->actingAs($this->mei)
        ->put('/account/password', ['current' => 'the old one of mine', 'password' => 'a new one of mine too'])
        ->assertSessionHasNoErrors();
    ($this->choose)($token)->assertSessionHasErrors('password');
    expect(AccessLink::query()->awaited()->exists())->toBeFalse();
});

it('carries the port at which one is, and no host but the one that is served', function (string $asked, string $carried): void {
    config(['app.url' => 'http://127.0.0.1:8000']);
    $this->actingAs($this->lead)->post("$asked/people/{$this->mei->id}/link");
    expect(session('link')['address'])->toStartWith("$carried/access/");
})->with([
    'as configured' => ['http://127.0.0.1:8000', 'http://127.0.0.1:8000'],
    'at another port' => ['http://127.0.0.1:8172', 'http://127.0.0.1:8172'],
    'by another name' => ['http://elsewhere.example', 'http://127.0.0.1:8000'],
]);
