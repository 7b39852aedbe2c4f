<?php

declare(strict_types=1);

use App\Models\Area;
use App\Models\Contribution;
use App\Models\Group;
use App\Models\Membership;
use App\Models\Reading;
use App\Models\Step;
use App\Models\Task;
use App\Models\Viewer;
use App\Store\ChangeLog;
use App\Store\Past;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Tests\Feature\Made;

/*
 * A year goal, and beneath it a number that was read in January, a project that weighs by effort, and one that weighs what
 * little it has. Where it stood before this week is remembered: what would be worked out anew is what has to be shown.
 */
beforeEach(function (): void {
    Made::workspace();
    $this->mei = Made::person(name: 'Mei Tanaka');
    $this->elif = Made::person(name: 'Elif Kaya');
    $this->year = Made::goal($this->mei);
    $this->number = Made::goal($this->elif, '2027-Q1', [
        'parent_id' => $this->year->id,
        'measure' => 'number',
        'start_value' => 0,
        'target_value' => 10,
    ]);
    $this->reading = Reading::query()->create([
        'goal_id' => $this->number->id,
        'on' => '2027-01-20',
        'value' => 4,
        'entered_by' => $this->elif->id,
    ]);
    $this->project = Made::project($this->elif, [$this->year], more: ['weighing' => 'effort', 'title' => 'Moorings']);
    $this->other = Made::project($this->mei, [$this->year], more: ['title' => 'Permits']);
    $of = fn(array $more): Task => Made::task($this->elif, ['project_id' => $this->project->id, ...$more]);
    $this->done = $of(['done_on' => '2027-01-27', 'minutes' => 60]);
    $this->open = $of(['minutes' => 90]);
    $this->put = $of(['minutes' => 30, 'shelved_on' => '2027-01-18']);
    $this->late = $of(['minutes' => 45, 'created_on' => Made::TODAY]);
    [$this->ticked, $this->unticked] = array_map(
        fn(int $position): Step => Step::query()->create([
            'task_id' => $this->open->id,
            'position' => $position,
            'title' => "Part $position",
            'done_on' => $position === 0 ? '2027-01-29' : null,
        ]),
        [0, 1],
    );
    Made::task($this->mei, ['project_id' => $this->other->id]);
    $this->actingAs($this->mei);
    $this->chart = fn(string $asOf = ''): array => array_column(
        $this->props("/goals/{$this->year->id}$asOf")['page']['chart'],
        'progress',
        'on',
    );
    $this->course = function (bool $remembers = true): array {
        config(['app.remembers' => $remembers]);

        return array_filter(($this->chart)(), static fn(string $on): bool => $on < '2027-02-08', ARRAY_FILTER_USE_KEY);
    };
    $this->past = static fn(): string => DB::table('stamps')->where('id', 2)->value('name');
    $this->change = fn(Closure $change): mixed => app(ChangeLog::class)->change($this->mei, 'Changed', fn() => $change->call($this));
    $this->before = ($this->course)();
});

it('is worked out anew when what it was made of is changed', function (Closure $change): void {
    ($this->change)($change);
    $now = ($this->course)();
    expect($now)
        ->toBe(($this->course)(false))
        ->and($now)
        ->not->toBe($this->before, 'the change is to be seen in the past');
})->with([
    'an estimated time' => [fn() => $this->open->update(['minutes' => 240])],
    'an estimated time of what was done' => [fn() => $this->done->update(['minutes' => 240])],
    'where a task belongs' => [fn() => $this->open->update(['project_id' => $this->other->id])],
    'a task of the goal itself' => [fn() => $this->open->update(['project_id' => null, 'goal_id' => $this->year->id])],
    'a task that was not done after all' => [fn() => $this->done->update(['done_on' => null])],
    'a task that had been done' => [fn() => $this->open->update(['done_on' => '2027-02-03'])],
    'a task that was dropped then' => [fn() => $this->open->update(['dropped_on' => '2027-02-03'])],
    'a task that should never have been shelved' => [fn() => $this->put->update(['shelved_on' => null])],
    'a task that was there before' => [fn() => $this->late->update(['created_on' => '2027-01-20'])],
    'a task that was not there yet' => [fn() => $this->open->update(['created_on' => Made::TODAY])],
    'a task entered afterwards' => [
        fn() => Made::task($this->mei, ['project_id' => $this->project->id, 'done_on' => '2027-02-02', 'created_on' => Made::TODAY]),
    ],
    'a task made as of then' => [fn() => Made::task($this->mei, ['project_id' => $this->project->id, 'minutes' => 60])],
    'a task deleted' => [fn() => $this->open->delete()],
    'one step more' => [fn() => Step::query()->create(['task_id' => $this->open->id, 'position' => 2, 'title' => 'One more'])],
    'a step fewer' => [fn() => $this->unticked->delete()],
    'a step that was ticked then' => [fn() => $this->unticked->update(['done_on' => '2027-02-01'])],
    'a step that was not' => [fn() => $this->ticked->update(['done_on' => null])],
    'a reading' => [fn() => $this->reading->update(['value' => 7])],
    'a reading that was of now' => [fn() => $this->reading->update(['on' => Made::TODAY])],
    'a reading entered afterwards' => [
        fn() => Reading::query()->create([
            'goal_id' => $this->number->id,
            'on' => '2027-02-01',
            'value' => 9,
            'entered_by' => $this->mei->id,
        ]),
    ],
    'a target' => [fn() => $this->number->update(['target_value' => 20])],
    'a weight' => [fn() => $this->number->update(['weight' => 3])],
    'a goal above' => [fn() => $this->number->update(['parent_id' => null])],
    'a goal closed as of then' => [
        fn() => $this->number->update(['closed_on' => '2027-02-01', 'result' => 'in_part', 'score' => 0.9]),
    ],
    'a goal that was not there' => [fn() => $this->number->update(['created_on' => '2027-02-01'])],
    'a goal beneath it' => [fn() => Made::goal($this->mei, '2027-Q1', ['parent_id' => $this->year->id])],
    'a goal that it no longer counts' => [fn() => $this->number->update(['visibility' => 'only_me'])],
    'how tasks weigh' => [fn() => $this->project->update(['weighing' => 'count'])],
    'a project that ended then' => [fn() => $this->other->update(['state' => 'dropped', 'state_on' => '2027-01-25'])],
    'how much a project serves it' => [
        fn() => Contribution::query()
            ->where('project_id', $this->project->id)
            ->firstOrFail()
            ->update(['weight' => 5]),
    ],
    'a project that no longer does' => [
        fn() => Contribution::query()->where('project_id', $this->other->id)->firstOrFail()->delete(),
    ],
]);

it('follows who may see what counts in it', function (): void {
    $group = Group::query()->create(['name' => 'Moorings']);
    ($this->change)(fn() => $this->year->update(['visibility' => 'only_me']));
    ($this->change)(fn() => $this->number->update(['visibility' => 'chosen']));
    expect(($this->course)())->not->toBe($this->before);
    ($this->change)(fn() => Viewer::query()->create(['goal_id' => $this->number->id, 'group_id' => $group->id]));
    ($this->course)();
    ($this->change)(fn() => Membership::query()->create(['group_id' => $group->id, 'person_id' => $this->mei->id]));
    expect(($this->course)())
        ->toBe($this->before)
        ->toBe(($this->course)(false));
});

it('stays as it is remembered when nothing of it is changed', function (Closure $change): void {
    $state = ($this->past)();
    ($this->change)($change);
    expect(($this->past)())
        ->toBe($state)
        ->and(($this->course)(false))
        ->toBe($this->before);
})->with([
    'a task done today' => [fn() => $this->open->update(['done_on' => Made::TODAY])],
    'a task dropped today' => [fn() => $this->open->update(['dropped_on' => Made::TODAY])],
    'a task shelved today' => [fn() => $this->open->update(['shelved_on' => Made::TODAY])],
    'a task made today' => [fn() => Made::task($this->mei, ['project_id' => $this->project->id, 'created_on' => Made::TODAY])],
    'an estimate of one that was not there' => [fn() => $this->late->update(['minutes' => 240])],
    'a plan' => [fn() => $this->open->update(['planned' => '2027-W06', 'due_on' => '2027-02-26'])],
    'a step ticked today' => [fn() => $this->unticked->update(['done_on' => Made::TODAY])],
    'what a step says' => [fn() => $this->ticked->update(['title' => 'The first part'])],
    'a reading of today' => [
        fn() => Reading::query()->create([
            'goal_id' => $this->number->id,
            'on' => Made::TODAY,
            'value' => 9,
            'entered_by' => $this->mei->id,
        ]),
    ],
    'what the goal says' => [fn() => $this->year->update(['title' => 'Twenty buoys', 'why' => 'They asked', 'is_main' => true])],
    'what the project says' => [fn() => $this->project->update(['title' => 'Moorings, all', 'status_line' => 'On its way'])],
]);

it('takes a kind of record that nobody has thought of for one of which figures are made', function (): void {
    $state = ($this->past)();
    ($this->change)(fn() => Area::query()->create(['name' => 'Moorings', 'kind' => 'area', 'owner_id' => $this->mei->id]));
    expect(($this->past)())->not->toBe($state);
});

it('names tables and columns that there are', function (): void {
    $listed = static fn(string $name): array => preg_split('/\s+/', (string) (new ReflectionClassConstant(Past::class, $name))->getValue());

    expect(array_diff($listed('APART'), Schema::getTableListing(schemaQualified: false)))
        ->toBe([])
        ->and(array_diff($listed('OF_TASK_APART'), Schema::getColumnListing('tasks')))
        ->toBe([]);
});

it('is shown up to the day as of which it is asked for', function (): void {
    $asked = fn(): array => array_filter(($this->chart)('?on=2027-01-21'));
    $remembered = $asked();
    config(['app.remembers' => false]);
    expect($remembered)->toBe($asked());
    expect(array_key_last($remembered))
        ->toBeLessThanOrEqual('2027-01-21')
        ->and($remembered)
        ->not->toBeEmpty();
});
