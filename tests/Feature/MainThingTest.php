<?php

declare(strict_types=1);

use App\Models\PersonDay;
use App\Models\Task;
use Tests\Feature\Made;

beforeEach(function (): void {
    Made::workspace();
    $this->me = Made::person(name: 'Noor Aksoy');
    $this->elif = Made::person(name: 'Elif Demir');
    $this->actingAs($this->me);
    $this->first = Made::task($this->me, ['title' => 'Order rope', 'planned' => Made::TODAY]);
    $this->second = Made::task($this->me, ['title' => 'Moor the buoy', 'planned' => Made::TODAY]);
    $this->main = function (): array {
        $page = $this->props('/')['page'];

        return [$page['mainThing']['title'] ?? null, $page['isChosen']];
    };
});

it('suggests the first of today until one is chosen', function (): void {
    expect(($this->main)())->toBe(['Order rope', false]);
    $this->put("/tasks/{$this->second->id}/main")->assertSessionHasNoErrors();
    expect(($this->main)())->toBe(['Moor the buoy', true]);

    $this->post('/undo')->assertSessionHasNoErrors();
    expect(($this->main)())->toBe(['Order rope', false]);
});

it('stays what was chosen once it is done, and is another the next day', function (): void {
    $this->put("/tasks/{$this->second->id}/main");
    $this->put("/tasks/{$this->second->id}/tick", ['done' => true]);
    expect(($this->main)())->toBe(['Moor the buoy', true]);

    Made::later('2027-02-11');
    expect(($this->main)()[1])->toBeFalse();
});

it('plans for today what is not', function (): void {
    $later = Made::task($this->me, ['title' => 'Splice', 'planned' => '2027-W08']);
    $this->put("/tasks/$later->id/main");
    expect($later->refresh()->planned)
        ->toBe(Made::TODAY)
        ->and(($this->main)())
        ->toBe(['Splice', true]);

    $this->post('/undo');
    expect($later->refresh()->planned)->toBe('2027-W08');
});

it('can be chosen anew, one a day', function (): void {
    $this->put("/tasks/{$this->second->id}/main");
    $this->put("/tasks/{$this->first->id}/main");

    expect(PersonDay::query()->count())
        ->toBe(1)
        ->and(($this->main)())
        ->toBe(['Order rope', true]);
});

it('is one’s own choice among one’s own open tasks', function (Closure $task): void {
    $this->put('/tasks/'.$task->call($this)->id.'/main')->assertSessionHasErrors('task');
    expect(PersonDay::query()->count())->toBe(0);
})->with([
    'somebody else’s' => [fn(): Task => Made::task($this->elif)],
    'done' => [fn(): Task => Made::task($this->me, ['done_on' => Made::TODAY])],
    'shelved' => [fn(): Task => Made::task($this->me, ['shelved_on' => Made::TODAY])],
    'dropped' => [fn(): Task => Made::task($this->me, ['dropped_on' => Made::TODAY])],
]);

it('is seen by nobody else, and gone with its task', function (): void {
    $this->put("/tasks/{$this->second->id}/main");
    $this->actingAs($this->elif);
    expect(json_encode($this->props('/')['page']))->not->toContain('Moor the buoy');

    $this->second->delete();
    $this->actingAs($this->me);
    expect(($this->main)())->toBe(['Order rope', false]);
});
