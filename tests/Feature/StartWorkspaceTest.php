<?php

declare(strict_types=1);

use App\Models\Person;
use App\Models\Role;
use App\Models\Workspace;
use Database\Demo\People;
use Illuminate\Support\Facades\Artisan;
use Tests\Feature\Made;

beforeEach(function (): void {
    $this->address = static function (): string {
        Artisan::call('workspace:start', ['--at' => 'http://127.0.0.1:8123/']);

        return trim(Artisan::output());
    };
    $this->fields = [
        ...['organisation' => 'Saltglass Instruments', 'timezone' => 'Europe/Copenhagen', 'yearStartsIn' => 4],
        ...['name' => 'Noor Aksoy', 'email' => 'Noor@saltglass.example', 'password' => 'seven buoys at sea'],
    ];
});

it('starts an empty workspace with its first lead, who is signed in then', function (): void {
    $address = ($this->address)();
    expect($address)->toStartWith('http://127.0.0.1:8123/start?')->and($this->props($address)['zones'])->toContain('Europe/Copenhagen');

    $this->post($address, $this->fields)->assertRedirect('/');
    $lead = Person::query()->sole();
    expect([$lead->name, $lead->initials, $lead->email, $lead->role])
        ->toBe(['Noor Aksoy', 'NA', 'noor@saltglass.example', Role::Lead])
        ->and([Workspace::current()->name, Workspace::current()->timezone, Workspace::current()->year_starts_in])
        ->toBe(['Saltglass Instruments', 'Europe/Copenhagen', 4]);
    $this->assertAuthenticatedAs($lead);
    $this->get('/')->assertOk();
});

it('is good once', function (): void {
    $address = ($this->address)();
    $this->post($address, $this->fields);
    $this->post('/sign-out');
    auth()->forgetGuards();

    expect($this->props($address)['zones'])->toBeNull();
    $this->post($address, [...$this->fields, 'email' => 'eve@saltglass.example'])->assertNotFound();
    expect(Person::query()->count())
        ->toBe(1)
        ->and(Artisan::call('workspace:start'))
        ->toBe(1);
});

it('is good for a day, and only as it was given', function (string $change): void {
    $address = ($this->address)();
    $address = match ($change) {
        'bare' => '/start',
        'changed' => str_replace('expires=', 'expires=9', $address),
        default => $address,
    };
    $this->travel($change === 'late' ? 25 : 0)->hours();

    expect($this->props($address)['zones'])->toBeNull();
    $this->post($address, $this->fields)->assertNotFound();
    expect(Person::query()->exists())->toBeFalse();
})->with(['bare', 'changed', 'late']);

it('refuses what is missing or wrong at its field, and nobody is there then', function (array $change, string $field): void {
    $this->post(($this->address)(), [...$this->fields, ...$change])->assertSessionHasErrors($field);
    expect(Person::query()->exists())->toBeFalse();
})->with([
    [['organisation' => ''], 'organisation'],
    [['timezone' => 'Europe/Atlantis'], 'timezone'],
    [['yearStartsIn' => 13], 'yearStartsIn'],
    [['name' => str_repeat('n', 81)], 'name'],
    [['email' => 'nobody'], 'email'],
    [['password' => 'short'], 'password'],
    [['password' => 'password12'], 'password'],
]);

it('leads somebody who is signed in to their day', function (): void {
    Made::workspace();
    $this->actingAs(Made::person(Role::Lead))->get('/start')->assertRedirect('/');
});

it('knows whether the people of the demo can sign in', function (): void {
    expect(Artisan::call('demo:load', ['--check' => true]))->toBe(1);
    Made::workspace();
    $lead = Made::person(Role::Lead);
    $lead->forceFill(['email' => People::email('noor'), 'password' => People::PASSWORD])->save();
    expect(Artisan::call('demo:load', ['--check' => true]))->toBe(0);
    $lead->forceFill(['password' => 'another one of mine'])->save();
    expect(Artisan::call('demo:load', ['--check' => true]))->toBe(1);
});
