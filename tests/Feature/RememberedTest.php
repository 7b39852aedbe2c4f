<?php

declare(strict_types=1);

use App\Models\Area;
use App\Models\Project;
use App\Models\Role;
use App\Models\Visibility;
use App\Store\Question;
use App\Store\Remembered;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Tests\Feature\Made;
use Tests\Feature\Walk;

beforeEach(function (): void {
    Made::workspace();
    $this->mei = Made::person(name: 'Mei Tanaka');
    $this->elif = Made::person(name: 'Elif Kaya');
    $this->goal = Made::goal($this->mei, '2027', ['is_main' => true]);
    $project = Made::project($this->mei, [$this->goal]);
    $this->tasks = [Made::task($this->mei, ['project_id' => $project->id]), Made::task($this->mei, ['project_id' => $project->id])];
    $this->actingAs($this->mei);
    $this->main = fn(): mixed => $this->props('/tray')['frame']['rail']['mainGoal']['gauge']['progress'] ?? null;
});

it('never shows what was true before a change', function (): void {
    expect(($this->main)())->toEqual(0);
    $this->put("/tasks/{$this->tasks[0]->id}/tick", ['done' => true])->assertSessionHasNoErrors();
    $batch = session('change')['batch'];
    expect(($this->main)())->toEqual(50);
    $this->actingAs($this->elif)->put("/tasks/{$this->tasks[1]->id}/tick", ['done' => true]);
    expect($this->actingAs($this->mei)->props('/tray')['frame']['rail']['mainGoal']['gauge']['progress'])->toEqual(100);
    $this->post("/undo/$batch")->assertSessionHasNoErrors();
    expect(($this->main)())->toEqual(50);
});

it('works out nothing a second time until something is changed', function (): void {
    $questions = function (): int {
        DB::flushQueryLog();
        DB::enableQueryLog();
        $this->get("/goals/{$this->goal->id}")->assertOk();
        DB::disableQueryLog();

        return count(DB::getQueryLog());
    };
    $first = $questions();
    $again = $questions();
    expect($again)->toBeLessThan(intdiv($first, 2))->and($questions())->toBe($again);
    $this->put("/tasks/{$this->tasks[0]->id}/tick", ['done' => true]);
    expect($questions())->toBeGreaterThan(2 * $again)->and($questions())->toBe($again);
});

it('knows that a day has gone by', function (): void {
    $expected = fn(): mixed => $this->props('/tray')['frame']['rail']['mainGoal']['gauge']['expected'];
    $before = $expected();
    Made::later('2027-06-01');
    expect($expected())->toBeGreaterThan($before);
});

describe('what was done in past weeks', function (): void {
    beforeEach(function (): void {
        $this->project = Project::query()->firstOrFail();
        $this->done = Made::task($this->mei, ['project_id' => $this->project->id, 'done_on' => '2027-02-03', 'minutes' => 60]);
        Made::task($this->elif, ['done_on' => '2027-02-03', 'minutes' => 60]);
        $this->set = fn(array $fields) => $this->put("/goals/{$this->goal->id}", [
            'title' => $this->goal->title,
            'period' => '2027',
            'measure' => 'work',
            ...$fields,
        ]);
        $this->share = fn(): mixed => array_column($this->props('/tray')['frame']['rail']['weeks'], 'share', 'name')['2027-W05'];
        $this->past = fn(): string => DB::table('stamps')->where('id', 2)->value('name');
        expect(($this->share)())->toBe(0.5);
        $this->before = ($this->past)();
    });

    it('is counted anew when what was done then is changed, or what it contributed to', function (Closure $change, mixed $share): void {
        $change->call($this)->assertSessionHasNoErrors();
        expect(($this->share)())
            ->toEqual($share)
            ->and(($this->past)())
            ->not->toBe($this->before);
        Walk::pause();
        $this->post('/undo')->assertSessionHasNoErrors();
        expect(($this->share)())->toBe(0.5);
    })->with([
        'its estimated time' => [fn() => $this->put("/tasks/{$this->done->id}", ['minutes' => 180]), 0.75],
        'whether it is done' => [fn() => $this->put("/tasks/{$this->done->id}/tick", ['done' => false]), 0],
        'who may see its goal' => [fn() => ($this->set)(['visibility' => 'only_me']), 0],
        'a task entered afterwards' => [
            fn() => $this->post('/tasks', ['title' => 'Towed the raft', 'done_on' => '2027-02-04', 'minutes' => 120]),
            0.25,
        ],
        'what its project contributes to' => [
            fn() => $this->put("/projects/{$this->project->id}", ['title' => $this->project->title, 'goals' => []]),
            0,
        ],
    ]);

    it('stays as it was counted when something else is changed', function (Closure $change): void {
        $change->call($this)->assertSessionHasNoErrors();
        expect(($this->share)())
            ->toBe(0.5)
            ->and(($this->past)())
            ->toBe($this->before);
    })->with([
        'a task done today' => [fn() => $this->put("/tasks/{$this->tasks[0]->id}/tick", ['done' => true])],
        'a plan' => [fn() => $this->put("/tasks/{$this->tasks[0]->id}/plan", ['planned' => '2027-W06'])],
        'a title' => [fn() => ($this->set)(['title' => 'Twenty buoys'])],
        'words' => [fn() => $this->post("/goals/{$this->goal->id}/comments", ['words' => 'It holds'])],
    ]);
});

it('shows nobody what was remembered for another', function (): void {
    $hidden = Made::goal($this->mei, '2027-Q1', ['visibility' => Visibility::OnlyMe, 'title' => 'Secret']);
    expect(json_encode($this->props('/year')))
        ->toContain('Secret')
        ->and(json_encode($this->actingAs($this->elif)->props('/year')))
        ->not->toContain('Secret')
        ->and($hidden->id)
        ->toBeInt();
});

it('shows after every kind of change what it would show if nothing were remembered', function (): void {
    $noor = Made::person(Role::Lead, 'Noor Aksoy');
    $this->actingAs($noor);
    $goal = Made::goal($this->mei, '2027-Q1', [
        'parent_id' => $this->goal->id,
        'title' => 'First ten',
        'measure' => 'number',
        'start_value' => 0,
        'target_value' => 10,
    ]);
    $area = Area::query()->create(['name' => 'Moorings', 'kind' => 'area', 'owner_id' => $this->mei->id]);
    $project = Project::query()->firstOrFail();
    $task = $this->tasks[0];
    $screens = [
        '/',
        '/weeks/2027-W06',
        '/year',
        '/year/2027-Q1',
        "/goals/$goal->id",
        "/goals/{$this->goal->id}",
        "/projects/$project->id",
        '/projects?state=all',
        '/direction',
        "/areas/$area->id",
        '/planning/2027-Q1/goals',
        '/reviews/2027-W06',
        '/closing/2027-Q1',
        '/recurring-tasks/new',
        '/lists/today',
        '/lists',
        '/lists/not_scheduled',
        '/lists/new?conditions[0][field]=state&conditions[0][value]=open',
        '/people',
        '/tray',
    ];
    $seen = function (bool $remembers) use ($screens): array {
        config(['app.remembers' => $remembers]);

        return array_map(
            fn(string $screen): array => array_diff_key($this->props($screen), ['change' => true, 'problem' => true, 'errors' => true]),
            array_combine($screens, $screens),
        );
    };
    $changes = [
        fn() => $this->put("/tasks/$task->id/tick", ['done' => true]),
        fn() => $this->put("/tasks/{$this->tasks[1]->id}/plan", ['planned' => '2027-W06']),
        fn() => $this->post("/goals/$goal->id/readings", ['value' => '4', 'on' => Made::TODAY]),
        fn() => $this->put('/periods/2027/words', ['words' => 'Calm water']),
        fn() => $this->put("/areas/$area->id", ['name' => 'Berths', 'kind' => 'area', 'owner' => $this->mei->id, 'notes' => '']),
        fn() => $this->post('/areas', ['name' => 'Permits', 'kind' => 'area']),
        fn() => $this->post('/long-term-goals', ['title' => 'All harbours', 'on' => '2030-12-31']),
        fn() => $this->put("/projects/$project->id/collections", ['collections' => [], 'named' => 'Winter']),
        fn() => $this->post('/templates', ['title' => 'Letter', 'weighing' => 'count', 'order' => 'any', 'stages' => [], 'tasks' => []]),
        fn() => $this->post('/reviews/2027-W06/hold'),
        fn() => $this->put("/projects/$project->id/state", ['state' => 'paused']),
        fn() => $this->post('/jots', ['words' => 'Ask about the lee side']),
        fn() => $this->post('/return-dates', ['words' => 'Ring Kirkwall', 'on' => Made::TODAY, 'at' => '15:00']),
        function () use ($noor) {
            $answer = $this->actingAs($this->mei)->post("/goals/{$this->goal->id}/comments", ['words' => 'It holds, @noor']);
            $this->actingAs($noor);

            return $answer;
        },
        fn() => $this->post('/updates/read'),
        fn() => $this->put("/tasks/{$this->tasks[1]->id}", ['owner_id' => $noor->id]),
        fn() => $this->put("/tasks/{$this->tasks[1]->id}/aside", ['how' => 'shelve']),
        function () use ($goal, &$batch) {
            $answer = $this->post("/goals/$goal->id/close", ['result' => 'in_part', 'line' => 'Four of ten']);
            $batch = session('change')['batch'];

            return $answer;
        },
        function () use (&$batch) {
            return $this->post("/undo/$batch");
        },
    ];

    $before = $seen(true);

    foreach ($changes as $place => $change) {
        $change()->assertRedirect()->assertSessionHasNoErrors();
        $after = $seen(false);
        $remembered = $seen(true);
        expect($remembered)
            ->toEqual($after, "after change $place")
            ->and($remembered === $before)
            ->toBeFalse("change $place is to be seen");
        $before = $remembered;
    }
});

it('answers where nothing can be kept', function (): void {
    Made::workspace();
    config(['cache.stores.remembered' => ['driver' => 'file', 'path' => __FILE__.'/nowhere']]);
    Cache::forgetDriver('remembered');

    expect(app(Remembered::class)->of(Question::ofAll('a question'), static fn(): int => 7))->toBe(7);
});

it('never gives anybody the answer of another', function (): void {
    $remembered = app(Remembered::class);
    $noor = Made::person(name: 'Noor Aksoy');
    $mei = Made::person();
    $asked = static fn(Question $question, string $answer): string => $remembered->of($question, static fn(): string => $answer);

    expect($asked(Question::by($noor, 'tasks', 'a', 'b'), 'hers'))
        ->toBe('hers')
        ->and($asked(Question::by($mei, 'tasks', 'a', 'b'), 'another'))
        ->toBe('another')
        ->and($asked(Question::ofAll('tasks', 'a', 'b'), 'for all'))
        ->toBe('for all')
        // What a question is about is told apart, whatever is written in it.
        ->and($asked(Question::by($noor, 'tasks', 'a b'), 'of one thing'))
        ->toBe('of one thing')
        ->and($asked(Question::by($noor, 'tasks', 'a', 'b'), 'asked anew'))
        ->toBe('hers');
});
