<?php

declare(strict_types=1);

use App\Models\PersonWeek;
use App\Models\Role;
use App\Models\Visibility;
use Tests\Feature\Made;

beforeEach(function (): void {
    Made::workspace();
    $this->me = Made::person(name: 'Noor Aksoy');
    $this->other = Made::person(Role::Lead, 'Elif Demir');
    $this->actingAs($this->me);
    $this->week = fn(string $week = '2027-W06'): array => $this->props("/weeks/$week")['page'];
});

it('says how much a week plans for each of its goals, whoever does it', function (): void {
    $direct = Made::goal($this->me, '2027-W06', ['is_firm' => true]);
    $served = Made::goal($this->me, '2027-W06');
    $none = Made::goal($this->other, '2027-W06');
    $project = Made::project($this->other, [$served]);
    Made::task($this->me, ['goal_id' => $direct->id, 'planned' => '2027-02-11', 'minutes' => 60]);
    Made::task($this->other, ['goal_id' => $direct->id, 'planned' => '2027-W06']);
    Made::task($this->me, ['goal_id' => $direct->id, 'done_on' => '2027-02-09', 'minutes' => 15]);
    Made::task($this->other, ['project_id' => $project->id, 'planned' => '2027-W05', 'minutes' => 45]);
    // Not of this week, or not on anybody's lists.
    Made::task($this->me, ['goal_id' => $direct->id, 'planned' => '2027-W07', 'minutes' => 500]);
    Made::task($this->me, ['goal_id' => $direct->id, 'planned' => '2027-02', 'minutes' => 500]);
    Made::task($this->me, ['goal_id' => $direct->id, 'planned' => '2027-W06', 'minutes' => 500, 'dropped_on' => '2027-02-08']);
    Made::task($this->other, ['project_id' => $project->id, 'planned' => '2027-W06', 'minutes' => 500, 'visibility' => Visibility::OnlyMe]);

    expect(($this->week)()['goalHours'])->toEqualCanonicalizing([
        ['goal' => $direct->id, 'planned' => 105, 'done' => 15],
        ['goal' => $served->id, 'planned' => 45, 'done' => 0],
        ['goal' => $none->id, 'planned' => 0, 'done' => 0],
    ]);
});

it('has a line of one’s own beside the team’s', function (): void {
    $this->put('/weeks/2027-W06/words', ['words' => 'Sell before the fair.'])->assertSessionHasNoErrors();
    $this->put('/weeks/2027-W06/line', ['words' => 'Three quotes out.'])->assertSessionHasNoErrors();
    expect(($this->week)())
        ->toMatchArray(['words' => 'Sell before the fair.', 'line' => 'Three quotes out.'])
        ->and($this->props('/')['page']['words'])
        ->toBe('Three quotes out.');

    $this->actingAs($this->other);
    expect(($this->week)())
        ->toMatchArray(['words' => 'Sell before the fair.', 'line' => null])
        ->and(json_encode($this->props("/weeks/2027-W06?who={$this->me->id}")))
        ->not->toContain('Three quotes');
});

it('takes a line away with an empty one, and refuses what another page did not see', function (): void {
    $this->put('/weeks/2027-W06/line', ['words' => 'Three quotes out.']);
    $this->put('/weeks/2027-W06/line', ['words' => 'Mine', 'seen' => ['words' => '']])->assertSessionHasErrors('words');
    $this->put('/weeks/2027-W06/line', ['words' => str_repeat('x', 201)])->assertSessionHasErrors('words');
    $this->put('/weeks/2027-W06/line', ['words' => '']);
    expect(PersonWeek::query()->count())->toBe(0);
    $this->post('/undo');
    expect(PersonWeek::query()->sole()->words)->toBe('Three quotes out.');
    $this->put('/weeks/2027-02/line', ['words' => 'x'])->assertNotFound();
});
