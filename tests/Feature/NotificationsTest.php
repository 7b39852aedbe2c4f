<?php

declare(strict_types=1);

use App\Models\Letter;
use App\Models\Project;
use App\Models\Reminder;
use App\Models\Visibility;
use Illuminate\Support\Carbon;
use Tests\Feature\Made;

beforeEach(function (): void {
    Made::workspace();
    $this->mei = Made::person(name: 'Mei Tanaka');
    $this->elif = Made::person(name: 'Elif Kaya');
    $this->actingAs($this->mei);
    $this->remind = function (array $more = []): Reminder {
        $this->post('/reminders', [
            'words' => 'Renew the lease?',
            'kind' => 'ask',
            'on' => '2027-02-12',
            ...$more,
        ])->assertSessionHasNoErrors();

        return Reminder::query()->latest('id')->firstOrFail();
    };
});

it('shows a reminder on its day, and until it is seen', function (): void {
    $reminder = ($this->remind)(['kind' => 'show', 'words' => 'Tide tables', 'at' => '14:30']);
    expect($this->props('/')['page']['alerts'])->toBe([]);
    Made::later('2027-02-12');
    expect($this->props('/')['page']['alerts'][0])
        ->toMatchArray(['words' => 'Tide tables', 'at' => '14:30'])
        ->and($this->props('/')['frame']['alert'])
        ->toMatchArray(['words' => 'Tide tables', 'at' => '14:30', 'left' => 5.5 * 3600])
        ->and($this->actingAs($this->elif)->props('/')['page']['alerts'])
        ->toBe([]);

    Carbon::setTestNow('2027-02-13 15:00:00');
    expect($this->actingAs($this->mei)->props('/')['page']['alerts'])
        ->toHaveCount(1)
        ->and($this->props('/')['frame']['alert'])
        ->toBeNull();
    $this->put("/reminders/$reminder->id/settle")->assertSessionHasNoErrors();
    expect($this->props('/')['page']['alerts'])->toBe([]);
});

it('makes a project of a yes, nothing of a no, and both can be undone', function (): void {
    $reminder = ($this->remind)();
    $this->put("/reminders/$reminder->id/settle", ['yes' => true])->assertRedirect(route('projects.show', Project::query()->firstOrFail()));
    expect(Project::query()->firstOrFail()->title)
        ->toBe('Renew the lease')
        ->and($reminder->refresh()->settled_on)
        ->not->toBeNull();
    $this->post('/undo/'.session('change')['batch'])->assertSessionHasNoErrors();
    expect(Project::query()->count())
        ->toBe(0)
        ->and($reminder->refresh()->settled_on)
        ->toBeNull();
    $this->put("/reminders/$reminder->id/settle");
    expect(Project::query()->count())
        ->toBe(0)
        ->and($reminder->refresh()->settled_on)
        ->not->toBeNull();
});

it('puts off, removes, and refuses what cannot be', function (): void {
    $reminder = ($this->remind)();
    $this->put("/reminders/$reminder->id", ['on' => '2027-03-01'])->assertSessionHasNoErrors();
    $this->put("/reminders/$reminder->id", ['on' => '2027-02-01'])->assertSessionHasErrors('on');
    $this->post('/reminders', ['words' => '', 'kind' => 'show', 'on' => 'soon', 'at' => '25:00'])->assertSessionHasErrors([
        'words',
        'on',
        'at',
    ]);
    $this->actingAs($this->elif)
        ->put("/reminders/$reminder->id/settle")
        ->assertNotFound();
    $this->delete("/reminders/$reminder->id")->assertNotFound();
    $this->actingAs($this->mei)
        ->delete("/reminders/$reminder->id")
        ->assertSessionHasNoErrors();
});

it('tells somebody where they want to hear of it', function (string $reach, int $updates, int $letters): void {
    $project = Made::project($this->mei);
    $this->actingAs($this->elif)
        ->put('/notifications', ['event' => 'mentioned', 'delivery' => $reach])
        ->assertSessionHasNoErrors();
    $this->actingAs($this->mei)->post("/projects/$project->id/comments", ['words' => 'It floats, @elif']);

    expect($this->actingAs($this->elif)->props('/updates')['page']['unread'])
        ->toHaveCount($updates)
        ->and(Letter::query()->where('person_id', $this->elif->id)->count())
        ->toBe($letters);
    Made::later('2027-02-11');
    $this->get('/');
    expect(Letter::query()->count())->toBe($reach === 'morning' ? 1 : $letters);

    if ($reach === 'morning') {
        expect(Letter::query()->firstOrFail()->body)->toBe('“Moorings Orkney”: Mei Tanaka said: It floats, @elif');
        Made::later('2027-02-12');
        $this->get('/');
        expect(Letter::query()->count())->toBe(1);
    }
})->with([['updates', 1, 0], ['mail', 0, 1], ['morning', 0, 0], ['nowhere', 0, 0]]);

it('tells whoever is spoken to of a goal, if they may see it', function (): void {
    $this->post('/goals/'.Made::goal($this->mei)->id.'/comments', ['words' => 'It holds, @elif']);
    $this->post('/goals/'.Made::goal($this->mei, '2027-Q1', ['visibility' => Visibility::OnlyMe])->id.'/comments', [
        'words' => 'Secret, @elif',
    ]);
    expect(array_column($this->actingAs($this->elif)->props('/updates')['page']['unread'], 'words'))->toBe(['said: It holds, @elif']);
});

it('tells of what is handed over or to be looked over', function (): void {
    $task = Made::task($this->mei, ['title' => 'Splice']);
    $this->put("/tasks/$task->id", ['checked_by_id' => $this->elif->id]);
    $this->put("/tasks/$task->id", ['owner_id' => $this->elif->id]);
    expect(array_column($this->actingAs($this->elif)->props('/updates')['page']['unread'], 'words'))->toBe([
        'handed it over to you',
        'asks you to check it',
    ]);
});

it('reminds in the letter of the morning', function (): void {
    ($this->remind)();
    $this->put('/notifications', ['event' => 'reminder', 'delivery' => 'nowhere'])->assertSessionHasErrors('delivery');
    $this->put('/notifications', ['event' => 'reminder', 'delivery' => 'morning'])->assertSessionHasNoErrors();
    Made::later('2027-02-12');
    $page = $this->props('/notifications')['page'];

    expect($page['letters'][0])
        ->toMatchArray(['subject' => 'Your morning, 2027-02-12', 'body' => 'Renew the lease?'])
        ->and($this->actingAs($this->elif)->props('/notifications')['page'])
        ->toMatchArray(['letters' => [], 'reminders' => []]);
});

it('sends a letter at the minute of a reminder, once, also when nobody is there', function (): void {
    $timed = ($this->remind)(['words' => 'Ring Kirkwall', 'kind' => 'show', 'at' => '14:30']);
    ($this->remind)(['words' => 'Tide tables', 'kind' => 'show']);
    $this->actingAs($this->elif)->post('/reminders', ['words' => 'Not by letter', 'kind' => 'show', 'on' => '2027-02-12', 'at' => '08:00']);
    $this->actingAs($this->mei)
        ->put('/notifications', ['event' => 'reminder', 'delivery' => 'mail'])
        ->assertSessionHasNoErrors();
    $struck = function (string $moment): array {
        Carbon::setTestNow($moment);
        app()->forgetScopedInstances();
        $this->artisan('clock:strike')->assertSuccessful();

        return Letter::query()->orderBy('id')->pluck('subject')->all();
    };

    expect($struck('2027-02-12 05:59:00'))
        ->toBe([])
        ->and($struck('2027-02-12 06:00:00'))
        ->toBe(['Tide tables'])
        ->and($struck('2027-02-12 14:29:59'))
        ->toBe(['Tide tables'])
        ->and($struck('2027-02-12 14:30:00'))
        ->toBe(['Tide tables', 'Ring Kirkwall'])
        ->and($struck('2027-02-12 14:31:00'))
        ->toHaveCount(2)
        ->and(Letter::query()->latest('id')->firstOrFail()->body)
        ->toBe('Return date reached on 2027-02-12, 14:30.');

    $this->put("/reminders/$timed->id", ['on' => '2027-02-15'])->assertSessionHasNoErrors();
    expect($struck('2027-02-16 09:00:00'))->toBe(['Tide tables', 'Ring Kirkwall', 'Ring Kirkwall']);
});

it('begins the day in the morning when nobody has come yet', function (): void {
    $project = Made::project($this->mei);
    $this->actingAs($this->elif)->put('/notifications', ['event' => 'mentioned', 'delivery' => 'morning']);
    $this->actingAs($this->mei)->post("/projects/$project->id/comments", ['words' => 'It floats, @elif']);

    foreach (['2027-02-11 05:30:00' => 0, '2027-02-11 06:01:00' => 1, '2027-02-11 06:02:00' => 1] as $moment => $letters) {
        Carbon::setTestNow($moment);
        app()->forgetScopedInstances();
        $this->artisan('clock:strike')->assertSuccessful();
        expect(Letter::query()->count())->toBe($letters);
    }
});

it('writes no letter of what somebody may not see', function (): void {
    $task = Made::task($this->mei, ['visibility' => Visibility::OnlyMe]);
    $this->actingAs($this->elif)->put('/notifications', ['event' => 'mentioned', 'delivery' => 'mail']);
    $this->actingAs($this->mei)->post("/tasks/$task->id/comments", ['words' => 'Secret, @elif']);
    expect(Letter::query()->count())->toBe(0);
});
