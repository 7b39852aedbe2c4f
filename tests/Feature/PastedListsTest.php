<?php

declare(strict_types=1);

use App\Models\AgendaItem;
use App\Models\LogLine;
use App\Models\RecurringTask;
use App\Models\Task;
use App\Models\TradeOff;
use Illuminate\Support\Facades\DB;
use Tests\Feature\Made;

beforeEach(function (): void {
    Made::workspace();
    $this->mei = Made::person(name: 'Mei Tanaka');
    $this->elif = Made::person(name: 'Elif Demir');
    $this->project = Made::project($this->mei, [], ['Prepare', 'At sea']);
    $this->actingAs($this->mei);
    $this->to = ['project' => $this->project->id, 'stage_id' => $this->project->stages[1]->id, 'isLine' => true];
});

it('makes a task of each line of a list, each read as plain English, in their order and in one step', function (): void {
    $this->post('/tasks', [
        ...$this->to,
        'lines' => ['Ring the harbour office by Friday, 30 min', 'Order shackles, to Elif', 'Rinse the tank every Thursday'],
    ])->assertSessionHasNoErrors();
    $tasks = $this->project->tasks()->get();

    expect($tasks->map(fn(Task $task): array => [$task->title, $task->owner_id, $task->minutes, $task->stage_id])->all())
        ->toBe([
            ['Ring the harbour office', $this->mei->id, 30, $this->project->stages[1]->id],
            ['Order shackles', $this->elif->id, null, $this->project->stages[1]->id],
        ])
        ->and((string) $tasks[0]->due_on)
        ->toBe('2027-02-12')
        ->and(RecurringTask::query()->sole()->title)
        ->toBe('Rinse the tank')
        ->and(session('change')['words'])
        ->toBe('Added 3 tasks');

    $this->post('/undo')->assertSessionHasNoErrors();
    expect(Task::query()->count())->toBe(0)->and(RecurringTask::query()->count())->toBe(0);
});

it('makes none where one of them is refused, and says which', function (): void {
    $this->post('/tasks', [
        ...$this->to,
        'lines' => ['Order shackles', 'Ring the office, done: in 2030'],
        'done_on' => '2030-01-01',
    ])->assertSessionHasErrors(['lines' => '“Order shackles”: This day is still to come.']);
    expect(Task::query()->count())->toBe(0);
});

it('refuses what is no list', function (mixed $lines, string $field): void {
    $this->post('/tasks', [...$this->to, 'lines' => $lines])->assertSessionHasErrors($field);
    expect(Task::query()->count())->toBe(0);
})->with([
    'nothing' => [[], 'title'],
    'an empty line' => [['Order shackles', ''], 'lines.1'],
    'a line that is none' => [['Order shackles', ['x']], 'lines.1'],
    'too many' => [array_fill(0, 101, 'x'), 'lines'],
    'one too long' => [['x', str_repeat('x', 2001)], 'lines.1'],
]);

it('adds the lines of a list wherever one writes on a line, all in one change that is undone as one', function (
    string $address,
    array $besides,
    string $table,
    string $column,
    string $words,
): void {
    $goal = Made::goal($this->mei, '2027-Q1');
    $task = Made::task($this->mei);
    $series = Made::series([$this->mei]);
    $this->post("/series/$series->id/issues", ['title' => 'Berth 7']);
    $this->post("/series/$series->id/open", ['on' => '2027-02-08'])->assertSessionHasNoErrors();
    $item = AgendaItem::query()->whereNotNull('issue_id')->firstOrFail();
    $before = DB::table($table)->count();
    $named = ['ELIF' => $this->elif->id, 'GOAL' => $goal->id];
    $post = fn(array $lines) => $this->post(
        strtr($address, [
            'PROJECT' => $this->project->id,
            'GOAL' => $goal->id,
            'TASK' => $task->id,
            'SERIES' => $series->id,
            'ITEM' => $item->id,
        ]),
        [
            ...array_map(static fn(mixed $value): mixed => is_string($value) ? $named[$value] ?? $value : $value, $besides),
            'lines' => $lines,
        ],
    );

    $post(['Ask the diver', 'Ask the harbour'])->assertSessionHasNoErrors();
    $added = DB::table($table)->orderByDesc('id')->limit(2)->pluck($column)->reverse()->values()->all();
    expect($added)
        ->toBe(['Ask the diver', 'Ask the harbour'])
        ->and(DB::table($table)->count())
        ->toBe($before + 2)
        ->and(session('change')['words'])
        ->toBe($words === 'SPLIT' ? "Split “{$task->title}” into steps" : $words);

    $this->post('/undo')->assertSessionHasNoErrors();
    expect(DB::table($table)->count())->toBe($before);

    // Nothing of a list is added of which one line is wrong.
    $post(['Ask the diver', ''])->assertSessionHasErrors(['lines.1' => 'A line of the list is empty.']);
    $post(array_fill(0, 101, 'Ask the diver'))->assertSessionHasErrors(['lines' => 'Paste at most 100 lines at once.']);
    $post(['Ask the diver', str_repeat('x', 2001)])->assertSessionHasErrors('lines.1');
    $post([])->assertSessionHasErrors();
    expect(implode(session('errors')->all()))->toMatch('/^(Enter a title|Write something first|Say what needs discussing)\.$/');
    $post([['Ask'], 'x'])->assertSessionHasErrors('lines.0');
    expect(DB::table($table)->count())->toBe($before);
})->with([
    'an outline' => ['/projects/PROJECT/lines', [], 'plan_lines', 'title', 'Planned 2 lines'],
    'steps' => ['/tasks/TASK/steps', [], 'steps', 'title', 'SPLIT'],
    'points' => ['/points', ['about' => 'ELIF'], 'points', 'words', 'Added 2 points'],
    'ideas' => ['/shelf', [], 'jots', 'words', 'Added 2 ideas'],
    'a log' => ['/log-lines', ['on' => '2027-02-09'], 'log_lines', 'words', 'Added 2 lines'],
    'what came in' => ['/series/SERIES/jots', [], 'jots', 'words', 'Added to the tray'],
    'issues' => ['/series/SERIES/issues', [], 'issues', 'title', 'Added 2 issues'],
    'next steps' => ['/agenda-items/ITEM/next-steps', ['owner' => 'ELIF'], 'tasks', 'title', 'Added 2 next steps'],
    'decisions of a meeting' => ['/agenda-items/ITEM/decisions', [], 'decisions', 'words', 'Added 2 decisions'],
    'decisions outside of one' => ['/decisions', [], 'decisions', 'words', 'Added 2 decisions'],
    'main efforts' => ['/goals/GOAL/main-efforts', [], 'main_efforts', 'title', 'Added 2 main efforts'],
    'assumptions' => ['/goals/GOAL/assumptions', [], 'assumptions', 'title', 'Added 2 assumptions'],
    'trade-offs' => ['/goals/GOAL/trade-offs', [], 'trade_offs', 'title', 'Added 2 trade-offs'],
    'goals' => [
        '/goals',
        ['period' => '2027-Q1', 'measure' => 'work', 'parent' => null, 'stay' => true],
        'goals',
        'title',
        'Added 2 goals',
    ],
]);

it('adds questions of one\'s own by a list: of the evening, of a review, and lines of its checklist', function (): void {
    $two = ['What did the wind do?', 'Whom did I thank?'];
    $this->post('/evening-questions', ['lines' => $two])->assertSessionHasNoErrors();
    $this->post('/review-questions', ['horizon' => 'week', 'lines' => $two])->assertSessionHasNoErrors();
    expect(session('change')['words'])->toBe('Added 2 questions');
    $this->post('/review-questions', ['horizon' => 'week', 'isCheck' => true, 'lines' => ['Empty the tray', 'Read the calendar']])
        ->assertSessionHasNoErrors();
    expect(session('change')['words'])->toBe('Added 2 lines');

    $bank = $this->get('/days/2027-02-09')->inertiaProps('page')['evening']['bank'];
    expect(array_column($bank, 'question'))->toContain(...$two);
});

it('is not undone as a whole once somebody has built on one of its lines, and says who and where', function (): void {
    $this->post('/tasks', [...$this->to, 'lines' => ['Ask the diver', 'Ask the harbour']])->assertSessionHasNoErrors();
    $batch = session('change')['batch'];
    $harbour = Task::query()->where('title', 'Ask the harbour')->sole();
    $this->actingAs($this->elif)
        ->post("/tasks/$harbour->id/comments", ['words' => 'They open at nine.'])
        ->assertSessionHasNoErrors();

    $this->actingAs($this->mei)->post("/undo/$batch")->assertSessionHasErrors('undo');
    expect(session('errors')->first('undo'))
        ->toContain('Elif Demir')
        ->toContain('Ask the harbour')
        ->and(Task::query()->count())
        ->toBe(2);
});

it('takes the longest list that there can be, and no longer one', function (): void {
    $lines = array_map(static fn(int $at): string => "Buoy $at: ".str_repeat('x', 180), range(1, 100));
    $this->post('/tasks', [...$this->to, 'lines' => $lines])->assertSessionHasNoErrors();
    expect(Task::query()->count())->toBe(100)->and(session('change')['words'])->toBe('Added 100 tasks');
    $this->post('/undo')->assertSessionHasNoErrors();
    expect(Task::query()->count())->toBe(0);
    $this->post('/tasks', [...$this->to, 'lines' => [...$lines, 'One more']])->assertSessionHasErrors('lines');
    expect(Task::query()->count())->toBe(0);
});

it('says of which line a rule is against: nobody to do it, a closed goal, a day to come', function (): void {
    $goal = Made::goal($this->mei, '2027-Q1', ['closed_on' => '2027-02-01', 'result' => 'met']);
    $series = Made::series([$this->mei], ['title' => 'Quay hour']);
    $this->post("/series/$series->id/issues", ['title' => 'Berth 7']);
    $this->post("/series/$series->id/open", ['on' => '2027-02-08'])->assertSessionHasNoErrors();
    $item = AgendaItem::query()->whereNotNull('issue_id')->firstOrFail();

    $this->post("/agenda-items/$item->id/next-steps", ['lines' => ['Ring the mill, to Elif', 'Order shackles']])
        ->assertSessionHasErrors(['lines' => '“Order shackles”: Who does it? Add “to” and a name, or choose one.']);
    $this->post("/goals/$goal->id/trade-offs", ['lines' => ['No fair', 'No second boat']])->assertSessionHasErrors('lines');
    $this->post('/log-lines', ['on' => '2027-03-09', 'lines' => ['One', 'Two']])
        ->assertSessionHasErrors(['lines' => '“One”: This day is still to come. Jot it, or plan it.']);
    expect(Task::query()->count() + TradeOff::query()->count() + LogLine::query()->count())->toBe(0);
});
