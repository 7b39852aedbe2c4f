<?php

declare(strict_types=1);

use App\Models\Contribution;
use App\Models\Goal;
use App\Models\Reading;
use App\Models\Rest;
use App\Models\Role;
use App\Models\Task;
use App\Queries\Plan\StoredPlan;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Goals\Result;
use Loftrin\Core\Work\ProjectState;
use Tests\Feature\Made;

beforeEach(function (): void {
    $this->workspace = Made::workspace();
    $this->lead = Made::person(Role::Lead, 'Noor Aksoy');
    $this->mei = Made::person(name: 'Mei Tanaka');
    $this->actingAs($this->lead);
    $this->year = Made::goal($this->lead, '2027');
    $this->goal = fn(string $title, array $more = [], string $period = '2027-Q1'): Goal => Made::goal($this->lead, $period, [
        'title' => $title,
        'parent_id' => $this->year->id,
        ...$more,
    ]);
    $this->next = fn(string $title): ?Goal => Goal::query()->where('title', $title)->where('period', '2027-Q2')->first();
    // Every figure of the year on every tenth day, and who stands under whom with what work.
    $this->whole = function (): array {
        app()->forgetScopedInstances();
        $stored = StoredPlan::ofYear($this->workspace, null, $this->workspace->calendar()->period('2027'));
        $days = array_map(Day::ofNumber(...), range(Day::of('2027-01-05')->number, Day::of(Made::TODAY)->number, 9));

        return [
            $stored
                ->goals()
                ->mapWithKeys(
                    fn(Goal $goal): array => [
                        $goal->id => array_map(
                            static fn(Day $day): array => [
                                $stored->figure($goal, $day)->progress?->rounded(),
                                $stored->figure($goal, $day)->band,
                            ],
                            $days,
                        ),
                    ],
                )
                ->all(),
            Goal::query()
                ->orderBy('id')
                ->get(['id', 'parent_id', 'period', 'weight', 'closed_on', 'result', 'score', 'rest'])
                ->toArray(),
            Task::query()
                ->orderBy('id')
                ->get(['id', 'goal_id', 'project_id', 'done_on', 'dropped_on', 'shelved_on'])
                ->toArray(),
            Contribution::query()
                ->orderBy('project_id')
                ->orderBy('goal_id')
                ->get(['project_id', 'goal_id', 'weight'])
                ->toArray(),
            DB::table('projects')
                ->orderBy('id')
                ->get(['id', 'state'])
                ->toArray(),
        ];
    };
    $this->progress = fn(Goal $goal): ?float => $this->props("/goals/$goal->id")['page']['goal']['gauge']['progress'];
});

/** Half of one goal done, all of another. */
function half(): array
{
    $goal = (test()->goal)('Half');
    Made::task(test()->lead, ['goal_id' => $goal->id, 'done_on' => '2027-02-01']);
    Made::task(test()->lead, ['goal_id' => $goal->id]);
    $other = (test()->goal)('Other');
    Made::task(test()->lead, ['goal_id' => $other->id, 'done_on' => '2027-02-01']);
    Made::task(test()->lead, ['goal_id' => $other->id]);

    return [$goal, $other];
}

it('does not let the year improve by failing', function (string $rest): void {
    [$goal] = half();
    expect(($this->progress)($this->year))->toEqual(50.0);
    $this->post("/goals/$goal->id/close", ['result' => 'not_met', 'rest' => $rest])->assertSessionHasNoErrors();

    expect(($this->progress)($this->year))
        ->toBeLessThanOrEqual(50.0)
        ->and(($this->progress)($goal))
        ->toEqual(50.0)
        ->and($goal->refresh()->result)
        ->toBe(Result::NotMet)
        ->and($goal->rest)
        ->toBe(Rest::from($rest));
})->with(['shelved', 'dropped', 'carried']);

it('takes what is dropped out of the figures above, and says so before it is done', function (): void {
    [$goal] = half();
    Made::task($this->lead, ['goal_id' => ($this->goal)('Third')->id, 'done_on' => '2027-02-01']);
    $figures = $this->postJson("/goals/$goal->id/close/preview", ['result' => 'stopped', 'line' => 'No longer needed'])
        ->assertOk()
        ->json('figures');
    $year = collect($figures)->firstWhere('title', $this->year->title);

    expect([$year['before']['progress'], $year['after']['progress']])
        ->toEqual([66.7, 75.0])
        ->and($goal->refresh()->closed_on)
        ->toBeNull();
    $this->post("/goals/$goal->id/close", ['result' => 'stopped', 'line' => 'No longer needed']);
    expect(($this->progress)($this->year))->toEqual(75.0);

    $pass = $this->postJson('/closing/2027-Q1/preview', ['goals' => [($this->next)('x')?->id ?? $goal->refresh()->id => ['result' => '']]])
        ->assertOk()
        ->json('figures');
    expect($pass)->toBe([]);
});

it('proposes a result from the figure, of a limit whether it was kept, and nothing for what its owner has to say', function (): void {
    $done = ($this->goal)('Done');
    Made::task($this->lead, ['goal_id' => $done->id, 'done_on' => '2027-02-01']);
    [$goal] = half();
    $offers = fn(): array => array_column(
        array_map(
            static fn(array $row): array => ['title' => $row['goal']['title'], ...$row['offer']],
            $this->props('/closing/2027-Q1')['page']['open'],
        ),
        'proposed',
        'title',
    );
    ($this->goal)('Nothing');
    ($this->goal)('Yes or no', ['measure' => 'yes_no']);
    ($this->goal)('Direction', ['measure' => 'judged']);

    $limits = ['Kept' => '2027-03-20', 'Not looked at' => '2027-02-08', 'Half kept' => '2027-03-20', 'Missed' => '2027-03-20'];

    foreach ($limits as $title => $on) {
        $limit = ($this->goal)($title, ['measure' => 'keep', 'limit_value' => 24, 'sense' => 'at_most', 'share' => 0.8]);
        $values = ['Half kept' => [20, 30], 'Missed' => [30, 30, 20]][$title] ?? [20, 20, 20, 20, 30];

        foreach ($values as $value) {
            Reading::query()->create(['goal_id' => $limit->id, 'on' => $on, 'value' => $value, 'entered_by' => $this->lead->id]);
        }
    }

    expect($offers())->toMatchArray(['Done' => 'met', 'Half' => 'in_part', 'Nothing' => 'not_met']);

    // Whenever somebody closes it: what was done after its period is none of it.
    Task::query()->where('goal_id', $goal->id)->whereNull('done_on')->update(['done_on' => '2027-04-02']);
    Made::later('2027-05-03');
    expect($offers())
        ->toEqual([
            'Done' => 'met',
            'Half' => 'in_part',
            'Other' => 'in_part',
            'Nothing' => 'not_met',
            'Yes or no' => null,
            'Direction' => null,
            'Kept' => 'met',
            'Not looked at' => 'in_part',
            'Half kept' => 'in_part',
            'Missed' => 'not_met',
        ])
        ->and($goal->refresh()->closed_on)
        ->toBeNull();
});

it('carries a goal judged by three numbers with its three numbers', function (): void {
    $trust = ($this->goal)('Trust');

    foreach (['Reply time', 'Uptime', 'Visits'] as $place => $title) {
        $number = ($this->goal)($title, [
            'parent_id' => $trust->id,
            'measure' => 'number',
            'start_value' => 0,
            'target_value' => 10,
            'weight' => $place + 1,
        ]);
        Reading::query()->create(['goal_id' => $number->id, 'on' => '2027-02-01', 'value' => 4, 'entered_by' => $this->lead->id]);
    }

    $this->post("/goals/$trust->id/close", ['result' => 'not_met', 'rest' => 'carried'])->assertRedirect();
    $next = ($this->next)('Trust');
    $beneath = Goal::query()->where('parent_id', $next->id)->orderBy('id')->get();

    expect($beneath->pluck('title')->all())
        ->toBe(['Reply time', 'Uptime', 'Visits'])
        ->and(
            $beneath
                ->map(static fn(Goal $goal): array => [(float) $goal->start_value, (float) $goal->target_value, (float) $goal->weight])
                ->all(),
        )
        ->toBe([[4.0, 10.0, 1.0], [4.0, 10.0, 2.0], [4.0, 10.0, 3.0]])
        ->and(Goal::query()->where('parent_id', $trust->id)->whereNull('closed_on')->count())
        ->toBe(0)
        ->and(($this->progress)($trust))
        ->toEqual(40.0);
});

it('leaves weeks that are over where they are, closed, and carries those that are not', function (): void {
    $goal = ($this->goal)('Wet');
    $past = Made::goal($this->lead, '2027-W05', ['title' => 'Last week', 'parent_id' => $goal->id]);
    $now = Made::goal($this->lead, '2027-W06', ['title' => 'This week', 'parent_id' => $goal->id]);
    $this->post("/goals/$goal->id/close", ['result' => 'in_part', 'rest' => 'carried'])->assertRedirect();

    expect([$past->refresh()->closed_on, $now->refresh()->closed_on])
        ->not->toContain(null)
        ->and($past->rest)
        ->toBeNull()
        ->and(Goal::query()->where('predecessor_id', $past->id)->count())
        ->toBe(0)
        ->and(Goal::query()->where('predecessor_id', $now->id)->value('period'))
        ->toBe('2027-W13');
});

it('shares the weight among the parts of a split', function (): void {
    $goal = ($this->goal)('Farms', ['weight' => 3]);
    $this->post("/goals/$goal->id/close", [
        'result' => 'not_met',
        'rest' => 'split',
        'titles' => "Bornholm\nGotland",
    ])->assertSessionHasNoErrors();

    expect([(float) ($this->next)('Bornholm')->weight, (float) ($this->next)('Gotland')->weight])->toBe([1.5, 1.5]);
});

it('takes tasks and projects along by choice', function (): void {
    [$goal] = half();
    $project = Made::project($this->lead, [$goal]);
    $this->post("/goals/$goal->id/close", [
        'result' => 'not_met',
        'rest' => 'carried',
        'withTasks' => false,
        'withProjects' => false,
    ])->assertSessionHasNoErrors();

    expect(Task::query()->where('goal_id', $goal->id)->count())
        ->toBe(2)
        ->and($project->contributions()->count())
        ->toBe(1);
});

it('reopens to the very figures that there were', function (array $said): void {
    [$goal, $other] = half();
    $beneath = Made::goal($this->lead, '2027-Q1', [
        'title' => 'Beneath',
        'parent_id' => $goal->id,
        'measure' => 'number',
        'start_value' => 0,
        'target_value' => 10,
    ]);
    Reading::query()->create(['goal_id' => $beneath->id, 'on' => '2027-02-01', 'value' => 4, 'entered_by' => $this->lead->id]);
    $project = Made::project($this->lead, [$goal]);
    Made::task($this->lead, ['project_id' => $project->id]);
    $before = ($this->whole)();
    $this->post("/goals/$goal->id/close", $said)->assertSessionHasNoErrors();
    expect(($this->whole)())->not->toEqual($before);
    $this->post("/goals/$goal->id/reopen")->assertSessionHasNoErrors();

    expect(($this->whole)())->toEqual($before);
})->with([
    'met' => [['result' => 'met']],
    'dropped' => [['result' => 'stopped', 'line' => 'No longer needed']],
    'with a score' => [['result' => 'in_part', 'score' => '60']],
    'carried' => [['result' => 'not_met', 'rest' => 'carried']],
    'split' => [['result' => 'not_met', 'rest' => 'split', 'titles' => "One\nTwo"]],
    'shelved' => [['result' => 'not_met', 'rest' => 'shelved', 'returnOn' => '2027-05-01']],
    'work dropped' => [['result' => 'not_met', 'rest' => 'dropped']],
]);

it('reopens one goal of a pass and leaves the others closed', function (): void {
    [$goal, $other] = half();
    $this->post('/closing/2027-Q1', [
        'goals' => [$goal->id => ['result' => 'not_met', 'rest' => 'carried'], $other->id => ['result' => 'not_met', 'rest' => 'carried']],
    ])->assertSessionHasNoErrors();
    $this->post("/goals/$goal->id/reopen")->assertSessionHasNoErrors();

    expect(($this->next)('Half'))
        ->toBeNull()
        ->and(($this->next)('Other'))
        ->not->toBeNull()
        ->and($other->refresh()->closed_on)
        ->not->toBeNull();
});

it('takes back what was carried although somebody worked on it, and keeps that work', function (): void {
    [$goal] = half();
    $task = $goal->tasks()->whereNull('done_on')->firstOrFail();
    $this->post("/goals/$goal->id/close", ['result' => 'not_met', 'rest' => 'carried']);
    $this->put("/tasks/$task->id/tick", ['done' => true])->assertSessionHasNoErrors();
    $this->post("/goals/$goal->id/reopen")->assertSessionHasNoErrors();

    expect($task->refresh())->goal_id->toBe($goal->id)->done_on->not->toBeNull()->and(($this->progress)($goal))->toEqual(100.0);
});

it('stays closed and says why when what carries it on has been built on', function (): void {
    [$goal] = half();
    $this->post("/goals/$goal->id/close", ['result' => 'not_met', 'rest' => 'carried']);
    $this->actingAs($this->mei)
        ->post('/tasks', ['title' => 'New', 'goal' => ($this->next)('Half')->id])
        ->assertSessionHasNoErrors();

    $this->actingAs($this->lead)
        ->post("/goals/$goal->id/reopen")
        ->assertSessionHasErrors([
            'goal' => '“Half” cannot be reopened as it was. “Half” is used by: 1 task, by Mei Tanaka. Nothing was undone.',
        ]);
    expect($goal->refresh()->closed_on)->not->toBeNull();
});

it('does not let both count where the closing is in no log', function (): void {
    $goal = ($this->goal)('Old', ['closed_on' => '2027-02-01', 'result' => 'not_met']);
    $next = Made::goal($this->lead, '2027-Q2', ['title' => 'New', 'parent_id' => $this->year->id, 'predecessor_id' => $goal->id]);
    $this->post("/goals/$goal->id/reopen")->assertSessionHasErrors('goal');
    $next->update(['closed_on' => '2027-02-02', 'result' => 'stopped']);
    $this->post("/goals/$goal->id/reopen")->assertSessionHasNoErrors();
    $this->post("/goals/$goal->id/reopen")->assertSessionHasErrors(['goal' => 'This goal is already open.']);
});

it('explains a decided figure as decided', function (array $said, string $words): void {
    $goal = ($this->goal)('Two of three');

    foreach (['2027-02-01', '2027-02-02', null] as $done) {
        Made::task($this->lead, ['goal_id' => $goal->id, 'done_on' => $done]);
    }

    $this->post("/goals/$goal->id/close", $said)->assertSessionHasNoErrors();
    $figure = $this->getJson("/goals/$goal->id/figure")->json();

    expect($figure['decided'])
        ->toBe($words)
        ->and($this->props("/goals/$goal->id")['page']['decided'])
        ->toBe($words);
})->with([
    'a score' => [
        ['result' => 'in_part', 'score' => '60', 'line' => 'Weather'],
        'Computed 66.7%, decided 60% when it was closed on 10 Feb as met in part: “Weather”.',
    ],
    'met' => [['result' => 'met'], 'Computed 66.7%, decided 100% when it was closed on 10 Feb as met.'],
    'its work shelved' => [
        ['result' => 'not_met', 'rest' => 'shelved'],
        'Closed on 10 Feb as not met, with the 66.7% that were computed then.',
    ],
]);

it('explains what was computed before the closing moved, shelved or dropped what it was made of', function (array $said): void {
    // A day without work: a limit earns the day on which it is closed.
    $this->travelTo('2027-02-13 10:00');
    $trust = ($this->goal)('Trust');
    $beneath = fn(string $title, array $more): Goal => ($this->goal)($title, ['parent_id' => $trust->id, ...$more]);
    $number = $beneath('Visits', ['measure' => 'number', 'start_value' => 0, 'target_value' => 10]);
    $limit = $beneath('Reply time', ['measure' => 'keep', 'limit_value' => 24, 'sense' => 'at_most', 'share' => 0.8]);

    foreach ([[$number, 4], [$limit, 20]] as [$of, $value]) {
        Reading::query()->create(['goal_id' => $of->id, 'on' => '2027-02-08', 'value' => $value, 'entered_by' => $this->lead->id]);
    }

    $project = Made::project($this->lead, [$trust]);
    Made::task($this->lead, ['project_id' => $project->id, 'done_on' => '2027-02-01']);
    Made::task($this->lead, ['project_id' => $project->id]);
    Made::task($this->lead, ['goal_id' => $trust->id, 'done_on' => '2027-02-01']);
    Made::task($this->lead, ['goal_id' => $trust->id]);
    $lines = fn(): array => array_map(
        static fn(array $line): array => [$line['title'], $line['weight'], $line['done'], $line['points'], $line['leftOut']],
        $this->props("/goals/$trust->id")['page']['sum'],
    );
    $before = $lines();
    $figure = ($this->progress)($trust);
    $above = ($this->progress)($this->year);
    $this->post("/goals/$trust->id/close", ['result' => 'not_met', ...$said])->assertRedirect()->assertSessionHasNoErrors();

    expect($before)
        ->toHaveCount(4)
        ->and($lines())
        ->toEqual($before)
        ->and(array_sum(array_column($before, 3)))
        ->toEqualWithDelta($figure, 0.2)
        ->and(($this->progress)($trust))
        ->toEqual($figure)
        ->and(($this->progress)($this->year))
        ->toBeLessThanOrEqual($above)
        ->and($limit->refresh()->result)
        ->not->toBe(Result::Met)
        ->and($this->getJson("/goals/$trust->id/figure")->json('tasksFigure'))
        ->toEqual(50);

    $this->post("/goals/$trust->id/reopen")->assertSessionHasNoErrors();
    expect($lines())
        ->toEqual($before)
        ->and(($this->progress)($this->year))
        ->toEqual($above);
})->with([
    'carried' => [['rest' => 'carried']],
    'shelved' => [['rest' => 'shelved']],
    'dropped' => [['rest' => 'dropped']],
]);

it('names what is no longer linked to a closed goal as that', function (): void {
    $goal = ($this->goal)('Trust');
    $project = Made::project($this->lead, [$goal]);
    Made::task($this->lead, ['project_id' => $project->id, 'done_on' => '2027-02-01']);
    $this->post("/goals/$goal->id/close", ['result' => 'met'])->assertSessionHasNoErrors();
    Contribution::query()->where('goal_id', $goal->id)->sole()->delete();

    expect($this->props("/goals/$goal->id")['page']['sum'])
        ->toHaveCount(1)
        ->and($this->props("/goals/$goal->id")['page']['sum'][0])
        ->toMatchArray(['title' => 'no longer linked', 'link' => null, 'points' => 100]);
});

it('does not call a closed yes or no all or nothing', function (): void {
    $goal = ($this->goal)('Approval', ['measure' => 'yes_no']);
    $this->post("/goals/$goal->id/close", ['result' => 'in_part', 'score' => '60']);
    $page = $this->props("/goals/$goal->id")['page'];

    expect($page['decided'])->toBe('Closed on 10 Feb as met in part. It counts 60%.')->and($page['formula'])->toBeNull();
});

it('restores shelved and dropped work as it is reopened', function (): void {
    [$goal] = half();
    $project = Made::project($this->lead, [$goal]);
    $this->post("/goals/$goal->id/close", ['result' => 'not_met', 'rest' => 'dropped']);
    expect($project->refresh()->state)->toBe(ProjectState::Dropped);
    $this->post("/goals/$goal->id/reopen");
    expect($project->refresh()->state)
        ->toBe(ProjectState::Active)
        ->and(Task::query()->whereNotNull('dropped_on')->count())
        ->toBe(0);
});

it('leaves as it is what of the rest is for others to change', function (string $rest): void {
    $own = ($this->goal)('Own', ['owner_id' => $this->mei->id]);
    $beneath = fn(string $title, int $owner): Goal => ($this->goal)($title, ['parent_id' => $own->id, 'owner_id' => $owner]);
    [$mine, $theirs, $alsoTheirs] = [
        $beneath('Mine', $this->mei->id),
        $beneath('Theirs', $this->lead->id),
        $beneath('Also theirs', $this->lead->id),
    ];
    $projects = [Made::project($this->lead, [$own]), Made::project($this->lead, [$own])];

    $this->actingAs($this->mei)
        ->post("/goals/$own->id/close", ['result' => 'not_met', 'rest' => $rest, ...$rest === 'carried' ? ['period' => '2027-Q2'] : []])
        ->assertSessionHasNoErrors();
    expect($mine->refresh()->closed_on)
        ->not->toBeNull()
        ->and([$theirs->refresh()->closed_on, $alsoTheirs->refresh()->closed_on])
        ->toBe([null, null])
        ->and(array_map(static fn($project): ProjectState => $project->refresh()->state, $projects))
        ->toBe([ProjectState::Active, ProjectState::Active]);
})->with(['carried', 'shelved', 'dropped']);
