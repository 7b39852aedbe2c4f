<?php

declare(strict_types=1);

use App\Http\Requests\Meanwhile;
use App\Models\Appointment;
use App\Models\Area;
use App\Models\Collection;
use App\Models\Goal;
use App\Models\Habit;
use App\Models\LogLine;
use App\Models\LongTermGoal;
use App\Models\Milestone;
use App\Models\PeriodWords;
use App\Models\Project;
use App\Models\Role;
use App\Models\Task;
use App\Models\Workspace;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Random\Engine\Mt19937;
use Random\Randomizer;
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
    $mine = static fn(array $more): array => ['person_id' => test()->lead->id, 'on' => Made::TODAY, ...$more];
    yield 'an appointment' => [
        $of(
            '/appointments/*',
            'title',
            static fn(): Model => Appointment::query()->create($mine(['title' => 'Dentist', 'at' => '16:00', 'minutes' => 45])),
        ),
    ];
    yield 'a line of the log' => [
        $of('/log-lines/*', 'words', static fn(): Model => LogLine::query()->create($mine(['at' => '09:00', 'words' => 'Fog']))),
    ];
    yield 'a habit' => [
        $of(
            '/habits/*',
            'title',
            static fn(): Model => Habit::query()->create([
                ...['person_id' => test()->lead->id, 'title' => 'Walk', 'per' => 'day', 'times' => 1],
                ...['weekdays' => ['monday'], 'began_on' => Made::TODAY],
            ]),
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

it('lets one change somebody’s role while another changes their hours', function (): void {
    $mei = Made::person(name: 'Mei Tanaka');
    $this->put("/people/$mei->id", ['role' => 'lead', 'seen' => ['role' => 'member']])->assertSessionHasNoErrors();
    $this->put("/people/$mei->id", ['weeklyHours' => '24', 'seen' => ['weeklyHours' => '40']])->assertSessionHasNoErrors();
    expect($mei->refresh())->role->toBe(Role::Lead)->weekly_hours->toBe(24);
    $this->put("/people/$mei->id", ['weeklyHours' => '30', 'seen' => ['weeklyHours' => '40']])->assertSessionHasErrors([
        'weeklyHours' => 'Somebody changed this to “24” while you were writing. Your text was not saved: save again to replace theirs.',
    ]);
    expect($mei->refresh()->weekly_hours)->toBe(24);
});

it('sets one mark of a goal without the other', function (): void {
    $goal = Made::goal($this->lead, '2027-Q1');
    $this->put("/goals/$goal->id/mark", ['isFirst' => true])->assertSessionHasNoErrors();
    $this->put("/goals/$goal->id/mark", ['isMain' => true])->assertSessionHasNoErrors();
    expect($goal->refresh())->is_first->toBeTrue()->is_main->toBeTrue();
    $this->put("/goals/$goal->id/mark", ['isFirst' => false])->assertSessionHasNoErrors();
    expect($goal->refresh())->is_first->toBeFalse()->is_main->toBeTrue();
});

it('places a goal in quarters that two choose at once, and leaves its long-term goal alone', function (): void {
    $goal = Made::goal($this->lead);
    $north = LongTermGoal::query()->create(['title' => 'North', 'on' => '2030-01-01']);
    $address = "/goals/$goal->id/place";
    $this->put($address, ['longTermGoal' => $north->id, 'seen' => ['quarters' => []]])->assertSessionHasNoErrors();
    $this->put($address, ['quarters' => [2], 'seen' => ['quarters' => []]])->assertSessionHasNoErrors();
    $this->put($address, ['quarters' => [3], 'seen' => ['quarters' => []]])->assertSessionHasNoErrors();
    expect($goal->refresh())->quarters->toBe([2, 3])->long_term_goal_id->toBe($north->id);
    $this->put($address, ['quarters' => [], 'seen' => ['quarters' => [2]]])->assertSessionHasNoErrors();
    $this->put($address, ['longTermGoal' => null])->assertSessionHasNoErrors();
    expect($goal->refresh())->quarters->toBe([3])->long_term_goal_id->toBeNull();
});

it('adds what two people tick beside each other', function (string $address, string $field, Closure $make, Closure $now): void {
    $address = str_replace('{project}', (string) $this->project->id, $address);
    $task = Made::task($this->lead, ['project_id' => $this->project->id]);
    $address = str_replace('{task}', (string) $task->id, $address);
    [$one, $other, $third] = array_map(fn(int $number): int => $make($number, $this->project), [1, 2, 3]);
    $tick = fn(array $ids, array $seen) => $this->put($address, [$field => $ids, 'seen' => [$field => $seen]])
        ->assertRedirect()
        ->assertSessionHasNoErrors();
    $tick([$one], []);
    $tick([$one, $other], [$one]);
    // Each began with the first two: one takes the first away, the other adds a third.
    $tick([$other], [$one, $other]);
    $tick([$one, $other, $third], [$one, $other]);

    expect($now($this->project, $task))->toBe([$other, $third]);
})->with([
    'helpers' => [
        '/projects/{project}/helpers',
        'people',
        static fn(int $number): int => Made::person(name: "Helper $number")->id,
        static fn(Project $project): array => $project->helpings()->orderBy('id')->pluck('person_id')->all(),
    ],
    'what a task depends on' => [
        '/tasks/{task}/after',
        'after',
        static fn(int $number, Project $project): int => Made::task(test()->lead, ['project_id' => $project->id])->id,
        static fn(Project $project, Task $task): array => $task->dependencies()->orderBy('id')->pluck('after_id')->all(),
    ],
    'collections' => [
        '/projects/{project}/collections',
        'collections',
        // One that holds nothing is none: each has a project of its own as well.
        static function (int $number): int {
            $collection = Collection::query()->create(['title' => "Collection $number"]);
            $collection->collectionItems()->create(['project_id' => Made::project(test()->lead)->id]);

            return $collection->id;
        },
        static fn(Project $project): array => $project->collectionItems()->orderBy('id')->pluck('collection_id')->all(),
    ],
]);

it('does to a list of boxes what each of two did, whatever they ticked', function (): void {
    $chance = new Randomizer(new Mt19937(11));
    $some = static fn(): array => array_values(array_filter(range(1, 6), static fn(): bool => $chance->getInt(0, 1) === 1));
    $save = static fn(array $sent, array $seen, array $there): array => Meanwhile::ticked(
        Request::create('/', 'PUT', ['boxes' => $sent, 'seen' => ['boxes' => $seen]]),
        'boxes',
        $there,
    );
    $sorted = static function (array $list): array {
        sort($list);

        return $list;
    };

    for ($round = 0; $round < 300; $round++) {
        [$began, $first, $second] = [$some(), $some(), $some()];
        $both = $save($second, $began, $save($first, $began, $began));

        foreach (range(1, 6) as $box) {
            $touched = in_array($box, $first, true) !== in_array($box, $began, true);
            $last = $touched && in_array($box, $second, true) === in_array($box, $began, true) ? $first : $second;
            expect(in_array($box, $both, true))->toBe(in_array($box, $last, true));
        }

        // Alone, one has what one ticked; saved twice it is saved once.
        expect($sorted($save($first, $began, $began)))
            ->toBe($first)
            ->and($sorted($save($second, $began, $both)))
            ->toBe($sorted($both));
    }
});
