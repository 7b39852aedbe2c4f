<?php

declare(strict_types=1);

use App\Models\Area;
use App\Models\Goal;
use App\Models\LongTermGoal;
use App\Models\Milestone;
use App\Models\PeriodWords;
use App\Models\Project;
use App\Models\Role;
use App\Models\Workspace;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\DB;
use Tests\Feature\Made;

beforeEach(function (): void {
    Made::workspace();
    $this->lead = Made::person(Role::Lead, 'Noor Aksoy');
    $this->actingAs($this->lead);
    $this->project = Made::project($this->lead, [], [], ['why' => 'Ice', 'constraints' => 'Two boats', 'due_on' => '2027-03-01']);
});

it('leaves alone what was not sent', function (): void {
    $id = $this->project->id;
    // One saves the constraints while the other, who opened the form before, changes why.
    $this->put("/projects/$id/charter", [
        'constraints' => 'Three boats',
        'seen' => ['constraints' => 'Two boats'],
    ])->assertSessionHasNoErrors();
    $this->put("/projects/$id/charter", ['why' => 'Thick ice', 'seen' => ['why' => 'Ice']])->assertSessionHasNoErrors();
    expect($this->project->refresh())->why->toBe('Thick ice')->constraints->toBe('Three boats');

    $this->put("/projects/$id", ['title' => 'Renamed', 'seen' => ['title' => 'Moorings Orkney']])->assertSessionHasNoErrors();
    $this->put("/projects/$id", ['dueOn' => '2027-04-01', 'seen' => ['dueOn' => '2027-03-01']])->assertSessionHasNoErrors();
    expect($this->project->refresh()->title)
        ->toBe('Renamed')
        ->and((string) $this->project->due_on)
        ->toBe('2027-04-01');
});

it('refuses to overwrite, at its field, with their text in sight', function (Closure $ask): void {
    [$address, $field, $theirs, $now] = $ask();
    $send = fn(string $mine, string $seen) => $this->put($address, [$field => $mine, 'seen' => [$field => $seen]]);
    $send($theirs, (string) $now())->assertSessionHasNoErrors();
    $send('Mine', 'what I saw before')->assertSessionHasErrors([
        $field => "Somebody changed this to “{$theirs}” while you were writing. Your text was not saved: save again to replace theirs.",
    ]);
    expect((string) $now())->toBe($theirs);
    // Who has seen it may replace it, and who wrote the same is not troubled.
    $send($theirs, 'what I saw before')->assertSessionHasNoErrors();
    $send('Mine', $theirs)->assertSessionHasNoErrors();
    expect((string) $now())->toBe('Mine');
})->with(function (): iterable {
    $of = static fn(string $address, string $field, Closure $make, ?string $column = null): Closure => static function () use (
        $address,
        $field,
        $make,
        $column,
    ): array {
        $record = $make();

        return [
            str_replace('*', (string) $record->getKey(), $address),
            $field,
            'Theirs',
            static fn(): mixed => $record->refresh()->getAttribute($column ?? $field),
        ];
    };
    yield 'a goal' => [$of('/goals/*', 'why', static fn(): Model => Made::goal(test()->lead, '2027', ['why' => 'Because']))];
    yield 'a project' => [$of('/projects/*', 'outcome', static fn(): Model => test()->project)];
    yield 'a charter' => [$of('/projects/*/charter', 'why', static fn(): Model => test()->project)];
    yield 'a status line' => [$of('/projects/*/status', 'line', static fn(): Model => test()->project, 'status_line')];
    yield 'a task' => [$of('/tasks/*', 'notes', static fn(): Model => Made::task(test()->lead, ['notes' => 'Wet']))];
    yield 'a series' => [$of('/series/*', 'purpose', static fn(): Model => Made::series([test()->lead], ['purpose' => 'Talk']))];
    yield 'a milestone' => [
        $of(
            '/milestones/*',
            'title',
            static fn(): Model => Milestone::query()->create(['project_id' => test()->project->id, 'title' => 'Wet', 'on' => '2027-03-01']),
        ),
    ];
    yield 'an area' => [
        $of('/areas/*', 'notes', static fn(): Model => Area::query()->create(['name' => 'Yard', 'kind' => 'area', 'notes' => 'Dry'])),
    ];
    yield 'a long-term goal' => [
        $of(
            '/long-term-goals/*',
            'why',
            static fn(): Model => LongTermGoal::query()->create(['title' => 'North', 'on' => '2030-01-01', 'why' => 'Ice']),
        ),
    ];
    yield 'the purpose' => [$of('/purpose', 'purpose', static fn(): Model => Workspace::query()->firstOrFail())];
    yield 'the line of a week' => [
        $of(
            '/weeks/2027-W06/words',
            'words',
            static fn(): Model => PeriodWords::query()->create(['period' => '2027-W06', 'words' => 'Ice']),
        ),
    ];
    yield 'the line of a year' => [
        $of('/periods/2027/words', 'words', static fn(): Model => PeriodWords::query()->create(['period' => '2027', 'words' => 'Ice'])),
    ];
});

it('keeps the spaces and line breaks of what is written', function (): void {
    $task = Made::task($this->lead);
    $notes = "  One\n\n\ttwo  \n";
    $this->put("/tasks/$task->id", ['notes' => $notes, 'seen' => ['notes' => '']])->assertSessionHasNoErrors();
    expect($task->refresh()->notes)->toBe($notes);
});

it('does once what is asked twice under one key, and answers alike', function (): void {
    $ask = fn(string $key, string $title) => $this->withHeader('Idempotency-Key', $key)->post('/goals', [
        'title' => $title,
        'period' => '2027',
        'measure' => 'work',
    ]);
    $first = $ask('a', 'One');
    $again = $ask('a', 'One');
    $ask('b', 'One');

    expect(Goal::query()->count())
        ->toBe(2)
        ->and($again->headers->get('Location'))
        ->toBe($first->headers->get('Location'));
    $again->assertStatus(303)->assertSessionHas('change.words', 'Added the goal “One”');
    $this->withHeader('Idempotency-Key', 'a')
        ->post('/jots', ['words' => 'x'])
        ->assertStatus(422);
});

it('takes the key of one text for no other', function (): void {
    $ask = fn(string $key, string $title) => $this->withHeader('Idempotency-Key', $key)->post('/goals', [
        'title' => $title,
        'period' => '2027',
        'measure' => 'work',
    ]);
    $ask('a', 'One')->assertStatus(303);
    $ask('a', 'Two')->assertStatus(422);

    expect(Goal::query()->pluck('title')->all())->toBe(['One']);
});

it('keeps no answer to what was refused', function (): void {
    $ask = fn(array $fields) => $this->withHeader('Idempotency-Key', 'a')->post('/goals', [
        'period' => '2027',
        'measure' => 'work',
        ...$fields,
    ]);
    $ask(['title' => ''])->assertSessionHasErrors('title');
    $ask(['title' => 'One'])->assertSessionHasNoErrors();
    expect(Goal::query()->count())
        ->toBe(1)
        ->and(DB::table('answered_requests')->count())
        ->toBe(1);
});

it('keeps keys apart by person', function (): void {
    $ask = fn() => $this->withHeader('Idempotency-Key', 'a')
        ->post('/jots', ['words' => 'x'])
        ->assertStatus(303);
    $ask();
    $this->actingAs(Made::person());
    $ask();
    expect(DB::table('jots')->count())->toBe(2);
});

it('writes nothing of what is refused half way', function (): void {
    $task = Made::task($this->lead, ['project_id' => $this->project->id]);
    $this->put('/tasks/many', ['tasks' => [$task->id, 999], 'what' => 'shelve']);
    expect($task->refresh()->shelved_on)
        ->toBeNull()
        ->and(Project::query()->count())
        ->toBe(1)
        ->and(DB::table('changes')->count())
        ->toBe(0);
});
