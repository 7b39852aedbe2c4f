<?php

declare(strict_types=1);

use App\Models\AccessLink;
use App\Models\Group;
use App\Models\Person;
use App\Models\Role;
use App\Models\Viewer;
use App\Models\Visibility;
use Tests\Feature\Made;

beforeEach(function (): void {
    Made::workspace();
    $this->noor = Made::person(Role::Lead, 'Noor Aksoy');
    $this->mei = Made::person(name: 'Mei Tanaka');
    $this->actingAs($this->noor);
});

it('keeps a lead, and hands over only to who stays', function (): void {
    $aside = fn(Person $leaver, Person $heir, array $errors) => $this->assertRefused(
        'post',
        "/people/$leaver->id/aside",
        ['heir' => $heir->id],
        $errors,
    );
    $aside($this->noor, $this->mei, ['role' => 'Noor Aksoy is the only lead. Make somebody else a lead first.']);
    $aside($this->mei, $this->mei, ['heir' => 'Choose somebody with an active account.']);
    $this->post("/people/{$this->mei->id}/aside", ['heir' => $this->noor->id])->assertSessionHasNoErrors();
    $aside($this->mei, $this->noor, ['person' => 'Mei Tanaka is already deactivated.']);
    $this->post("/people/{$this->noor->id}/aside", ['heir' => $this->mei->id])->assertSessionHasErrors('heir');
    expect(Person::query()->where('role', Role::Lead)->whereNull('deactivated_on')->count())->toBe(1);
});

it('takes a link for a password once', function (): void {
    $this->post("/people/{$this->mei->id}/link")->assertSessionHasNoErrors();
    AccessLink::query()->update(['used_at' => now()]);
    auth()->logout();
    $this->assertRefused(
        'post',
        '/access/nothing',
        ['password' => 'the tide is at nine'],
        [
            'password' => 'This link has already been used or has expired. Ask for a new one.',
        ],
    );
});

it('keeps a group while goals are its own or seen by it', function (): void {
    $crew = Group::query()->create(['name' => 'Crew']);
    $goal = Made::goal($this->noor, '2027-Q1', ['visibility' => Visibility::Chosen]);
    $viewer = Viewer::query()->create(['goal_id' => $goal->id, 'group_id' => $crew->id]);
    $words = ['group' => 'Goals or projects belong to “Crew” or are visible to it. Change those first.'];
    $this->assertRefused('delete', "/groups/$crew->id", [], $words);
    $viewer->delete();
    $goal->update(['scope' => 'group', 'group_id' => $crew->id]);
    $this->assertRefused('delete', "/groups/$crew->id", [], $words);
    $goal->update(['scope' => 'company', 'group_id' => null]);
    $this->delete("/groups/$crew->id")->assertSessionHasNoErrors();
});

it('lets return dates come', function (): void {
    $this->assertRefused(
        'put',
        '/notifications',
        ['event' => 'reminder', 'delivery' => 'nowhere'],
        [
            'delivery' => 'Return dates always appear on the Day page. You can choose to get an e-mail as well.',
        ],
    );
});
