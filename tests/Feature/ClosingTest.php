<?php

declare(strict_types=1);

use App\Models\Goal;
use App\Models\Project;
use App\Models\Reading;
use App\Models\Rest;
use App\Models\Role;
use App\Models\Task;
use Loftrin\Core\Goals\MeasureKind;
use Loftrin\Core\Goals\Result;
use Loftrin\Core\Work\ProjectState;
use Tests\Feature\Made;

beforeEach(function (): void {
    Made::workspace();
    $this->lead = Made::person(Role::Lead, 'Noor Aksoy');
    $this->mei = Made::person(name: 'Mei Tanaka');
    $this->actingAs($this->lead);
    $this->year = Made::goal($this->lead, '2027');
    $this->goal = fn(string $title, array $more = [], string $period = '2027-Q1'): Goal => Made::goal($this->mei, $period, [
        'title' => $title,
        'parent_id' => $this->year->id,
        ...$more,
    ]);
    $this->next = fn(string $title): ?Goal => Goal::query()->where('title', $title)->where('period', '2027-Q2')->first();
});

it('closes a quarter in one pass, and the next one starts right', function (): void {
    $wet = ($this->goal)('28 harbours wet', ['is_main' => true]);
    $project = Made::project($this->mei, [$wet]);
    Made::task($this->mei, ['goal_id' => $wet->id, 'done_on' => '2027-02-01']);
    $open = Made::task($this->mei, ['goal_id' => $wet->id]);
    $revenue = ($this->goal)('Revenue', ['measure' => 'number', 'start_value' => 42, 'target_value' => 75]);
    Reading::query()->create(['goal_id' => $revenue->id, 'on' => '2027-02-01', 'value' => 60, 'entered_by' => $this->mei->id]);
    $farms = ($this->goal)('Three farms');
    $farmWork = Made::project($this->mei, [$farms]);
    $guide = ($this->goal)('A guide');
    $guideWork = Made::project($this->mei, [$guide]);
    $guideTask = Made::task($this->mei, ['goal_id' => $guide->id]);
    $done = ($this->goal)('Mould', ['measure' => 'yes_no']);
    $stays = ($this->goal)('Not decided yet');
    $progress = fn(Goal $goal): float => $this->props("/goals/$goal->id")['page']['goal']['gauge']['progress'];
    $before = $progress($wet);

    $this->post('/closing/2027-Q1', [
        'goals' => [
            $wet->id => ['result' => 'in_part', 'line' => 'Weather.', 'rest' => 'carried'],
            $revenue->id => ['result' => 'in_part', 'rest' => 'carried'],
            $farms->id => ['result' => 'not_met', 'rest' => 'split', 'titles' => "Bornholm signs\n\nGotland answers"],
            $guide->id => ['result' => 'stopped', 'line' => 'No longer needed', 'rest' => 'dropped'],
            $done->id => ['result' => 'met', 'score' => '', 'rest' => ''],
            $stays->id => ['result' => ''],
        ],
    ])->assertSessionHasNoErrors();

    expect(($this->next)('28 harbours wet'))
        ->not->toBeNull()
        ->predecessor_id->toBe($wet->id)
        ->parent_id->toBe($this->year->id)
        ->owner_id->toBe($this->mei->id)
        ->is_main->toBeTrue();
    $next = ($this->next)('28 harbours wet');
    expect($project->contributions()->pluck('goal_id')->all())
        ->toBe([$wet->id, $next->id])
        ->and($open->refresh()->goal_id)
        ->toBe($next->id)
        ->and(($this->next)('Revenue')->start_value)
        ->toEqual(60)
        ->and(($this->next)('Revenue')->target_value)
        ->toEqual(75)
        ->and(($this->next)('Bornholm signs')->predecessor_id)
        ->toBe($farms->id)
        ->and($farmWork->contributions()->pluck('goal_id')->all())
        ->toBe([$farms->id, ($this->next)('Bornholm signs')->id])
        ->and(Goal::query()->where('period', '2027-Q2')->count())
        ->toBe(4)
        ->and($guideWork->refresh()->state)
        ->toBe(ProjectState::Dropped)
        ->and($guideTask->refresh()->dropped_on)
        ->not->toBeNull()
        ->and($done->refresh()->result)
        ->toBe(Result::Met)
        ->and($stays->refresh()->closed_on)
        ->toBeNull()
        // The old quarter still reads as it was.
        ->and($progress($wet))
        ->toBe($before)
        ->and($this->props("/goals/$wet->id")['page']['successors'][0]['id'])
        ->toBe($next->id)
        ->and($this->props("/goals/$next->id")['page']['predecessor']['id'])
        ->toBe($wet->id);
});

it('takes a whole pass back with one undo', function (): void {
    $goal = ($this->goal)('28 harbours wet');
    $task = Made::task($this->mei, ['goal_id' => $goal->id]);
    $project = Made::project($this->mei, [$goal]);
    $this->post('/closing/2027-Q1', ['goals' => [$goal->id => ['result' => 'not_met', 'rest' => 'carried']]]);
    expect(Goal::query()->count())->toBe(3);

    $this->post('/undo/'.DB::table('activity_log')->value('batch_uuid'))->assertSessionHasNoErrors();

    expect(Goal::query()->count())
        ->toBe(2)
        ->and($goal->refresh()->closed_on)
        ->toBeNull()
        ->and($task->refresh()->goal_id)
        ->toBe($goal->id)
        ->and($project->contributions()->count())
        ->toBe(1);
});

it('takes nothing of a pass back once somebody built on it, and says so', function (callable $build): void {
    $goal = ($this->goal)('28 harbours wet', ['owner_id' => $this->lead->id]);
    $task = Made::task($this->mei, ['goal_id' => $goal->id]);
    Made::project($this->mei, [$goal]);
    $this->post('/closing/2027-Q1', ['goals' => [$goal->id => ['result' => 'not_met', 'rest' => 'carried']]])->assertSessionHasNoErrors();
    $closing = DB::table('activity_log')->value('batch_uuid');
    $next = ($this->next)('28 harbours wet');
    $this->actingAs($this->mei);
    $build($this, $task, $next);
    $stands = fn(): array => [
        (string) $goal->refresh()->closed_on,
        Goal::query()->count(),
        $task->refresh()->only(['goal_id', 'done_on']),
        DB::table('stays')->get()->all(),
        DB::table('contributions')->orderBy('id')->get()->all(),
    ];
    $before = $stands();

    $this->actingAs($this->lead)
        ->post("/undo/$closing")
        ->assertSessionHasErrors('undo');
    expect($stands())->toEqual($before);
})->with([
    'added a task to what carries it on' => [
        fn($test, Task $task, Goal $next) => $test
            ->post('/tasks', ['title' => 'Order more chain', 'goal' => $next->id])
            ->assertSessionHasNoErrors(),
    ],
    'moved what was carried over' => [
        fn($test, Task $task, Goal $next) => $test
            ->put("/tasks/$task->id/belongs", ['goal' => $test->year->id])
            ->assertSessionHasNoErrors(),
    ],
]);

it('keeps what was done of a carried task when the pass is taken back, for the goal at which it stands again', function (): void {
    $goal = ($this->goal)('28 harbours wet', ['owner_id' => $this->lead->id]);
    $task = Made::task($this->mei, ['goal_id' => $goal->id]);
    $this->post('/closing/2027-Q1', ['goals' => [$goal->id => ['result' => 'not_met', 'rest' => 'carried']]])->assertSessionHasNoErrors();
    $closing = DB::table('activity_log')->value('batch_uuid');
    $this->actingAs($this->mei)->put("/tasks/$task->id/tick", ['done' => true])->assertSessionHasNoErrors();
    $this->actingAs($this->lead)->post("/undo/$closing")->assertSessionHasNoErrors();

    expect($task->refresh())
        ->goal_id->toBe($goal->id)
        ->goal_since->toBeNull()
        ->done_on->not->toBeNull()
        ->and(DB::table('stays')->count())
        ->toBe(0)
        ->and($this->props("/goals/$goal->id")['page']['goal']['gauge']['progress'])
        ->toEqual(100);
});

it('carries what hangs on a carried goal under what carries that on', function (): void {
    $trust = ($this->goal)('Trust');
    $survey = ($this->goal)('Survey', ['parent_id' => $trust->id]);
    $this->post('/closing/2027-Q1', [
        'goals' => [
            $survey->id => ['result' => 'not_met', 'rest' => 'carried'],
            $trust->id => ['result' => 'not_met', 'rest' => 'carried'],
        ],
    ])->assertSessionHasNoErrors();

    expect(($this->next)('Survey')->parent_id)->toBe(($this->next)('Trust')->id);
});

it('shelves a goal with its work, to be looked at again', function (): void {
    $goal = ($this->goal)('River buoy');
    $alone = Made::project($this->mei, [$goal]);
    $shared = Made::project($this->mei, [$goal, ($this->goal)('Another')]);
    $task = Made::task($this->mei, ['goal_id' => $goal->id]);
    $week = Made::goal($this->mei, '2027-W06', ['parent_id' => $goal->id]);

    $this->post("/goals/$goal->id/close", [
        'result' => 'not_met',
        'rest' => 'shelved',
        'returnOn' => '2027-04-01',
    ])->assertSessionHasNoErrors();

    expect($goal->refresh()->result)
        ->toBe(Result::NotMet)
        ->and($goal->rest)
        ->toBe(Rest::Shelved)
        ->and((string) $goal->return_on)
        ->toBe('2027-04-01')
        ->and($alone->refresh()->state)
        ->toBe(ProjectState::Shelved)
        ->and($shared->refresh()->state)
        ->toBe(ProjectState::Active)
        ->and($task->refresh()->shelved_on)
        ->not->toBeNull()
        ->and($week->refresh()->result)
        ->toBe(Result::Stopped);

    Made::later('2027-04-01');
    $tray = $this->actingAs($this->mei)->props('/tray');
    expect(array_column($tray['page']['again'], 'title'))->toContain('River buoy')->and($tray['frame']['tray'])->toBe(3);

    $this->post("/shelf/goal/$goal->id/back")->assertRedirect("/goals/new?from=$goal->id");
    $form = $this->props("/goals/new?from=$goal->id")['page']['goal'];
    expect($form['title'])->toBe('River buoy')->and($form['period'])->toBe('2027-Q2')->and($form['predecessor'])->toBe($goal->id);
    $this->post('/goals', [...$form, 'parent' => null, 'groups' => []])->assertSessionHasNoErrors();
    expect(($this->next)('River buoy')->predecessor_id)->toBe($goal->id)->and($goal->refresh()->shelved_on)->toBeNull();
});

it('brings a goal back from the shelf with its place, its measure and its work, and puts all of it back by undo', function (): void {
    $year = Made::goal($this->mei, '2027', ['title' => 'Forty harbours']);
    $goal = ($this->goal)('River buoy', ['parent_id' => $year->id, 'tasks_weight' => 2]);
    $project = Made::project($this->mei, [$goal], more: ['title' => 'River hull']);
    $project->contributions()->update(['weight' => 3]);
    $before = Made::task($this->mei, ['goal_id' => $goal->id, 'title' => 'Put off earlier', 'shelved_on' => '2027-01-20']);
    $with = Made::task($this->mei, ['goal_id' => $goal->id, 'title' => 'Weigh it', 'planned' => '2027-W06']);
    $this->post("/goals/$goal->id/close", ['result' => 'not_met', 'rest' => 'shelved', 'returnOn' => '2027-04-01'])
        ->assertSessionHasNoErrors();
    expect($with->refresh()->shelved_on)->not->toBeNull();

    $page = $this->props("/goals/new?from=$goal->id")['page'];
    expect($page['brings'])
        ->toBe('It comes back from the shelf with 1 task and 1 project.')
        ->and($page['goal'])
        ->toMatchArray(['parent' => $year->id, 'period' => '2027-Q2', 'measure' => 'work', 'tasksWeight' => '2']);
    $this->post('/goals', [...$page['goal'], 'groups' => []])->assertSessionHasNoErrors();
    $next = Goal::query()->where('predecessor_id', $goal->id)->firstOrFail();
    expect($next->parent_id)
        ->toBe($year->id)
        ->and($with->refresh()->only(['goal_id', 'shelved_on']))
        ->toBe(['goal_id' => $next->id, 'shelved_on' => null])
        ->and($before->refresh()->goal_id)
        ->toBe($goal->id)
        ->and($project->refresh()->state)
        ->toBe(ProjectState::Active)
        ->and($project->contributions()->where('goal_id', $next->id)->value('weight'))
        ->toEqual(3);

    $this->post('/undo')->assertSessionHasNoErrors();
    expect($with->refresh()->goal_id)
        ->toBe($goal->id)
        ->and($with->shelved_on)
        ->not->toBeNull()
        ->and($project->refresh()->state)
        ->toBe(ProjectState::Shelved)
        ->and($goal->refresh()->shelved_on)
        ->not->toBeNull();
});

it('hangs what comes back on the goal that carries its parent on, and on none where that ended', function (): void {
    $quarter = ($this->goal)('Orkney');
    $week = Made::goal($this->mei, '2027-W06', ['title' => 'Two buoys', 'parent_id' => $quarter->id]);
    $this->post("/goals/$week->id/close", ['result' => 'not_met', 'rest' => 'shelved'])->assertSessionHasNoErrors();
    $parent = fn(): ?int => $this->props("/goals/new?from=$week->id")['page']['goal']['parent'];
    expect($parent())->toBe($quarter->id);

    $next = Made::goal($this->mei, '2027-Q2', ['title' => 'Orkney', 'predecessor_id' => $quarter->id]);
    $quarter->update(['closed_on' => Made::TODAY, 'result' => 'not_met']);
    expect($parent())->toBeNull();
    Made::later('2027-04-05');
    expect($this->actingAs($this->mei)->props("/goals/new?from=$week->id")['page']['goal']['parent'])->toBe($next->id);
});

it('gives a carried count what is left, and a part of a number its work', function (): void {
    $count = ($this->goal)('Eight contracts', ['measure' => 'count', 'target_value' => 8]);
    Made::task($this->mei, ['goal_id' => $count->id, 'done_on' => '2027-02-01']);
    $number = ($this->goal)('Revenue', ['measure' => 'number', 'start_value' => 42, 'target_value' => 75]);
    $this->post("/goals/$count->id/close", ['result' => 'not_met', 'rest' => 'carried']);
    $this->post("/goals/$number->id/close", ['result' => 'not_met', 'rest' => 'split', 'titles' => "Contracts\nPrices"]);

    expect(($this->next)('Eight contracts')->target_value)
        ->toEqual(7)
        ->and(($this->next)('Contracts')->measure)
        ->toBe(MeasureKind::Work)
        ->and(($this->next)('Prices')->target_value)
        ->toBeNull();
});

it('refuses what contradicts itself, and closes nothing then', function (array $said, string $field): void {
    $goal = ($this->goal)('28 harbours wet');
    $other = ($this->goal)('Other');
    $this->post('/closing/2027-Q1', ['goals' => [$other->id => ['result' => 'met'], $goal->id => $said]])->assertSessionHasErrors();
    expect($other->refresh()->closed_on)->toBeNull();
    $this->post("/goals/$goal->id/close", $said)->assertSessionHasErrors($field);
    expect($goal->refresh()->closed_on)
        ->toBeNull()
        ->and(Goal::query()->count())
        ->toBe(3);
})->with([
    'met and carried' => [['result' => 'met', 'rest' => 'carried'], 'rest'],
    'dropped and split' => [['result' => 'stopped', 'line' => 'No longer needed', 'rest' => 'split', 'titles' => "a\nb"], 'rest'],
    'split into one' => [['result' => 'not_met', 'rest' => 'split', 'titles' => 'a'], 'titles'],
    'looked at again in the past' => [['result' => 'not_met', 'rest' => 'shelved', 'returnOn' => '2027-01-01'], 'returnOn'],
    'an unknown result' => [['result' => 'won'], 'result'],
    'a score above all' => [['result' => 'not_met', 'score' => '101'], 'score'],
]);

it('is for the owner and the leads, goal by goal', function (): void {
    $mine = ($this->goal)('Mine');
    $theirs = Made::goal($this->lead, '2027-Q1', ['title' => 'Theirs']);
    $hidden = Made::goal($this->lead, '2027-Q1', ['title' => 'A secret goal', 'visibility' => 'only_me']);
    $this->actingAs($this->mei);

    $this->post('/closing/2027-Q1', ['goals' => [$mine->id => ['result' => 'met'], $theirs->id => ['result' => 'met']]])->assertForbidden();
    $this->post('/closing/2027-Q1', ['goals' => [$hidden->id => ['result' => 'met']]])->assertNotFound();
    $rows = $this->props('/closing/2027-Q1')['page']['open'];
    expect(array_column($rows, 'mayClose'))
        ->toBe([true, false])
        ->and($mine->refresh()->closed_on)
        ->toBeNull();
});

it('says when a goal is ready to be closed', function (): void {
    $goal = ($this->goal)('28 harbours wet');
    Made::task($this->mei, ['goal_id' => $goal->id, 'done_on' => '2027-02-01']);

    expect($this->props("/goals/$goal->id")['page']['ready'])
        ->toBe('done')
        ->and($this->props('/closing/2027-Q1')['page']['open'][0]['offer']['proposed'])
        ->toBe('met');

    Made::later('2027-04-02');
    expect(array_column($this->props('/')['page']['passes'], 'title'))->toContain('Close Q1');
});

it('lets work that its owner may not change go on', function (): void {
    $goal = ($this->goal)('28 harbours wet');
    $theirs = Made::project($this->lead, [$goal]);
    $this->actingAs($this->mei)
        ->post("/goals/$goal->id/close", ['result' => 'stopped', 'line' => 'No longer needed', 'rest' => 'dropped'])
        ->assertSessionHasNoErrors();

    expect($theirs->refresh()->state)
        ->toBe(ProjectState::Active)
        ->and(Project::query()->count())
        ->toBe(1)
        ->and(Task::query()->count())
        ->toBe(0);
});
