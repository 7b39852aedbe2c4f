<?php

declare(strict_types=1);

use App\Models\Area;
use App\Models\LongTermGoal;
use App\Models\Role;
use Tests\Feature\Made;

beforeEach(function (): void {
    Made::workspace();
    $this->noor = Made::person(Role::Lead, 'Noor Aksoy');
    $this->actingAs($this->noor);
});

it('places year goals in quarters, and no others', function (): void {
    $quarter = Made::goal($this->noor, '2027-Q1');
    $this->assertRefused(
        'put',
        "/goals/$quarter->id/place",
        ['quarters' => [2]],
        [
            'quarters' => 'Only year goals can be assigned to quarters.',
        ],
    );
});

it('has roles that somebody holds, and keeps areas that something belongs to', function (): void {
    $this->assertRefused(
        'post',
        '/areas',
        ['name' => 'Treasurer', 'kind' => 'role'],
        [
            'owner' => 'A role needs a person. Choose who holds it.',
        ],
    );
    $this->post('/areas', ['name' => 'Moorings', 'kind' => 'area'])->assertSessionHasNoErrors();
    $area = Area::query()->firstOrFail();
    $goal = Made::goal($this->noor, '2027-Q1', ['area_id' => $area->id]);
    $this->assertRefused('delete', "/areas/$area->id", [], ['area' => '“Moorings” still has goals. Move or delete these first.']);
    $goal->update(['area_id' => null]);
    $this->delete("/areas/$area->id")->assertSessionHasNoErrors();
});

it('looks beyond this year, and to three things at most', function (): void {
    $look = fn(string $on) => ['title' => 'Every harbour', 'on' => $on];
    $this->assertRefused('post', '/long-term-goals', $look('2027-12-31'), [
        'on' => 'A long-term goal must be dated after this year, which ends on 2027-12-31.',
    ]);

    foreach (['2028-01-01', '2030-12-31', '2032-06-30'] as $on) {
        $this->post('/long-term-goals', $look($on))->assertSessionHasNoErrors();
    }

    $this->assertRefused('post', '/long-term-goals', $look('2033-01-01'), [
        'title' => 'There can be three long-term goals. Edit or delete one first.',
    ]);
    expect(LongTermGoal::query()->count())->toBe(3);
});

it('shelves until a day ahead', function (): void {
    $task = Made::task($this->noor);
    $this->put("/tasks/$task->id/aside", ['how' => 'shelve'])->assertSessionHasNoErrors();
    $this->assertRefused(
        'put',
        "/shelf/task/$task->id",
        ['returnOn' => '2027-02-10'],
        [
            'returnOn' => 'Choose a return date in the future, or leave it empty.',
        ],
    );
});

it('looks back once, on weeks that have begun', function (): void {
    $this->assertRefused(
        'put',
        '/reviews/2027-W07/answers',
        ['question' => 'moved', 'words' => 'x'],
        [
            'review' => 'It has not begun, so there is nothing to review yet.',
        ],
    );
    $this->assertRefused('post', '/reviews/2027-W07/hold', [], ['review' => 'It has not begun, so there is nothing to review yet.']);
    $this->post('/reviews/2027-W05/hold')->assertSessionHasNoErrors();
    $this->assertRefused('post', '/reviews/2027-W05/hold', [], ['review' => 'This has already been reviewed.']);
});
