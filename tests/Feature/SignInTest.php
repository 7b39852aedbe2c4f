<?php

declare(strict_types=1);

use App\Models\Role;
use Tests\Feature\Made;

beforeEach(fn() => Made::workspace());

it('lets somebody in with their password', function (): void {
    $person = Made::person();

    $this->post('/sign-in', ['email' => strtoupper($person->email), 'password' => 'a-long-password'])->assertRedirect('/');
    $this->assertAuthenticatedAs($person);
    $this->post('/sign-out')->assertRedirect('/sign-in');
    $this->assertGuest();
});

it('says the same of a wrong password and an unknown address', function (string $email, string $password): void {
    $known = Made::person();
    $this->post('/sign-in', ['email' => $email === 'known' ? $known->email : $email, 'password' => $password])->assertSessionHasErrors([
        'email' => 'The e-mail address or password is wrong.',
    ]);
})->with([['nobody@saltglass.example', 'a-long-password'], ['known', 'wrong']]);

it('is throttled after five tries a minute', function (): void {
    $person = Made::person();

    foreach (range(1, 5) as $try) {
        $this->post('/sign-in', ['email' => $person->email, 'password' => "wrong $try"]);
    }

    $this->post('/sign-in', ['email' => $person->email, 'password' => 'a-long-password'])->assertSessionHasErrors([
        'email' => 'Too many attempts. Wait a minute, then try again.',
    ]);
    $this->assertGuest();
});

it('sends guests to sign in', function (string $address): void {
    $this->get($address)->assertRedirect('/sign-in');
})->with(['/', '/week', '/year', '/goals/1', '/projects', '/meetings', '/reviews', '/people', '/tray', '/tasks/1']);

it('keeps passwords out of the log of changes', function (): void {
    $this->actingAs(Made::person(Role::Lead))->post('/people', [
        'name' => 'A B',
        'email' => 'ab@saltglass.example',
        'role' => 'member',
        'weeklyHours' => 32,
    ]);

    expect(DB::table('activity_log')->pluck('properties')->implode(' '))
        ->toContain('ab@saltglass.example')
        ->not->toContain('password');
});

it('tells the browser to load nothing from elsewhere', function (): void {
    expect($this->get('/sign-in')->headers->get('Content-Security-Policy'))
        ->toContain("default-src 'self'")
        ->toContain("frame-ancestors 'none'")
        ->not->toContain('http');
});
