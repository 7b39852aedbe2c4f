<?php

declare(strict_types=1);

use App\Models\Letter;
use App\Models\Visibility;
use Illuminate\Support\Carbon;
use Tests\Feature\Made;

beforeEach(function (): void {
    Made::workspace();
    $this->mei = Made::person(name: 'Mei Tanaka');
    $this->elif = Made::person(name: 'Elif Kaya');
    $this->actingAs($this->mei);
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
