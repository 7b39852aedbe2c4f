<?php

declare(strict_types=1);

use App\Models\Answer;
use App\Models\Finding;
use App\Models\Goal;
use App\Models\Person;
use App\Models\Project;
use App\Models\Report;
use App\Models\Retrospective;
use App\Models\Review;
use App\Models\Step;
use App\Models\Task;
use App\Models\Workspace;
use App\Queries\Plan\CoreRecords;
use App\Queries\Plan\ScopeDay;
use App\Queries\Plan\StoredTallies;
use Database\Demo\Saltglass;
use Illuminate\Support\Carbon;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Calendar\Horizon;
use Loftrin\Core\Calendar\Span;
use Loftrin\Core\PlanFile\PlanComputation;
use Loftrin\Core\PlanFile\PlanReader;
use Loftrin\Core\Work\TalliesOfTasks;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Feature\Made;
use Tests\Feature\Prepared;

/** @return list<?string> what may stand on the page for a chance: all of it only where it is reached */
function shownChances(?float $chance): array
{
    return match (true) {
        $chance === null => [null],
        $chance < 0.01 => ['below 1%'],
        $chance > 0.99 => ['above 99%', '100%'],
        default => [round($chance * 100).'%'],
    };
}

/** @return array<string, mixed> what the exported plan computes to as of the day */
function computedFromExport(string $on): array
{
    Artisan::call('plan:export');
    $document = PlanReader::read(Artisan::output());

    return json_decode((string) json_encode((new PlanComputation($document, Day::of($on)))->result()), true);
}

it('sums up in the database what the core sums up from the tasks', function (int $atOnce): void {
    Made::workspace();
    $me = Made::person();
    $goal = Made::goal($me, '2027-Q1', ['measure' => 'count', 'target_value' => 5]);
    $projects = [Made::project($me, [$goal]), Made::project($me, [], more: ['weighing' => 'effort'])];
    $random = new Randomizer(new Mt19937(7));
    $day = fn(): ?string => $random->getInt(0, 2) > 0 ? (string) Day::of('2027-01-01')->plus($random->getInt(0, 60)) : null;

    for ($number = 0; $number < 120; $number++) {
        $project = $random->getInt(0, 2);
        $task = Made::task($me, [
            'project_id' => $projects[$project]->id ?? null,
            'goal_id' => $project === 2 ? $goal->id : null,
            'created_on' => $day() ?? '2027-01-05',
            'done_on' => $day(),
            'dropped_on' => $random->getInt(0, 5) === 0 ? $day() : null,
            'shelved_on' => $random->getInt(0, 5) === 0 ? $day() : null,
            'minutes' => $random->getInt(0, 2) > 0 ? 15 * $random->getInt(1, 8) : null,
        ]);

        for ($step = $random->getInt(-4, 4); $step > 0; $step--) {
            Step::query()->create(['task_id' => $task->id, 'position' => $step, 'title' => 's', 'done_on' => $day()]);
        }
    }

    $tasks = array_values(
        Task::query()
            ->with(CoreRecords::TASK)
            ->get()
            ->map(CoreRecords::task(...))
            ->all(),
    );
    $cores = Project::query()
        ->with(['stages', 'contributions'])
        ->get()
        ->mapWithKeys(fn(Project $project): array => [(string) $project->id => CoreRecords::project($project)])
        ->all();
    $rows = new TalliesOfTasks($cores, [], $tasks);
    $stored = new StoredTallies(array_map(fn($project) => $project->weighing, $cores), [$goal->id], [$goal->id]);
    $days = array_map(fn(int $number): Day => Day::of('2026-12-30')->plus($number), range(0, 66, 3));
    $last = $days[count($days) - 1];
    $projectIds = array_keys($cores);

    foreach (array_chunk($days, $atOnce) as $some) {
        // As of each day, and over the scope of the last as forecasts look back.
        $scopes = array_map(fn(Day $by): ScopeDay => new ScopeDay($last, $by), $some);
        $stored->fetch(array_map(
            fn(ScopeDay $day): array => [$day, $projectIds, [$goal->id]],
            [...array_map(fn(Day $day): ScopeDay => new ScopeDay($day), $some), ...$scopes],
        ));
    }

    DB::enableQueryLog();

    foreach ($days as $day) {
        foreach ([[$day, $day], [$last, $day]] as [$on, $by]) {
            foreach ($projectIds as $id) {
                expect($stored->ofProject((string) $id, $on, $by))->toEqual($rows->ofProject((string) $id, $on, $by));
            }

            expect($stored->ofDirectTasks((string) $goal->id, $on, $by))->toEqual($rows->ofDirectTasks((string) $goal->id, $on, $by));
        }

        $span = new Span(Day::of('2026-12-30'), $day);
        expect($stored->doneFor((string) $goal->id, $span))->toBe($rows->doneFor((string) $goal->id, $span));
    }

    // What is done towards the count is what is left to ask: the tasks, their links, and the periods of the goals that these lead to.
    expect(DB::getQueryLog())->toHaveCount(3);
})->with(['day by day' => 1, 'all days at once' => 100]);

describe('the demo', function (): void {
    beforeEach(function (): void {
        Carbon::setTestNow('2027-02-10 09:00:00');
        Prepared::once('demo', static fn() => Saltglass::load(Day::of('2027-02-10')));
        $this->actingAs(Person::query()->firstOrFail());
    });

    it('is a full year of a company', function (): void {
        $count = fn(string $table, array $where = []): int => DB::table($table)->where($where)->count();

        expect($count('people'))
            ->toBe(9)
            ->and($count('goals', ['horizon' => 'year']))
            ->toBe(4)
            ->and($count('goals', ['horizon' => 'week']))
            ->toBe(40)
            ->and(Goal::query()->where('horizon', 'quarter')->distinct()->count('period'))
            ->toBe(4)
            ->and($count('projects'))
            ->toBe(16)
            ->and($count('tasks'))
            ->toBe(500)
            ->and($count('series'))
            ->toBe(8)
            ->and($count('meetings'))
            ->toBe(45)
            ->and(DB::table('reviews')->whereNotNull('held_at')->count())
            ->toBe(58)
            // Nothing is answered twice in the same words.
            ->and(DB::table('answers')->distinct()->count('words'))
            ->toBe(DB::table('answers')->count());
    });

    it('closes its present quarter with everything carried over, and the days before stay as they were', function (): void {
        $before = computedFromExport('2027-02-09');
        $quarter = Goal::query()->where('horizon', 'quarter')->where('starts_on', '<=', '2027-02-10')->where('ends_on', '>=', '2027-02-10');
        $open = $quarter->clone()->whereNull('closed_on')->get();
        $offers = $this->props("/closing/{$open->value('period')}")['page']['open'];
        $said = [];

        foreach ($offers as $row) {
            $said[$row['goal']['id']] = $row['offer']['complete'] === null
                ? ['result' => 'in_part', 'rest' => 'carried', 'parent' => 'none']
                : ['result' => 'met'];
        }

        $this->post("/closing/{$open->value('period')}", ['goals' => $said])
            ->assertSessionHasNoErrors();
        $after = computedFromExport('2027-02-09');
        $after['goals'] = array_intersect_key($after['goals'], $before['goals']);

        expect($open)->not->toBeEmpty()->and($quarter->clone()->whereNull('closed_on')->count())->toBe(0)->and($after)->toEqual($before);
    });

    it('holds nothing that was made or changed after its own today', function (string $table, string $column): void {
        expect(DB::table($table)->where($column, '>', '2027-02-10 23:59')->count())->toBe(0);
    })->with([
        ['goals', 'created_on'],
        ['goals', 'closed_on'],
        ['projects', 'created_on'],
        ['projects', 'state_on'],
        ['tasks', 'created_on'],
        ['tasks', 'changed_on'],
        ['tasks', 'done_on'],
        ['readings', 'on'],
        ['reviews', 'held_at'],
        ['issues', 'created_at'],
    ]);

    it('shows of a week goal that was met in part what was still open when it was closed', function (): void {
        $figures = computedFromExport('2027-02-10')['goals'];
        $partly = Goal::query()->where('horizon', 'week')->where('result', 'in_part')->get();

        expect($partly)->not->toBeEmpty();

        foreach ($partly as $goal) {
            expect($figures["g$goal->id"]['progress'])->toBe(0.5, $goal->title);
        }
    });

    it('opens every screen', function (): void {
        foreach (
            [
                '/',
                '/weeks/2027-W06',
                '/weeks/2026-W40',
                '/weeks/2027-W30',
                '/year',
                '/year/2026',
                '/year/2027-Q3',
                '/year/2027-W06',
                '/year/2027-02',
                '/year?on=2026-12-01&owner=1&band=behind',
                '/goals/1',
                '/goals/16',
                '/goals/22',
                '/goals/new?parent=1',
                '/goals/16/edit',
                '/projects',
                '/projects/3',
                '/projects/12/edit',
                '/tasks/100',
                '/meetings',
                '/series/1',
                '/series/1/edit',
                '/series/new',
                '/meetings/5',
                '/reviews',
                '/reviews/2027-W05',
                '/reviews/2027-W06',
                '/people',
                '/tray',
            ] as $address
        ) {
            $this->get($address)->assertOk();
        }
    });

    it('shows the figures that the exported plan computes to, today and on any past day', function (string $on): void {
        $result = computedFromExport($on);
        // A member, to whom a goal that counts above is not shown: the figures are the same.
        $this->actingAs(Person::query()->where('name', 'like', 'Mei %')->firstOrFail());
        $sheet = $this->props("/year/2027?on=$on")['page'];
        $rows = collect($sheet['floors'])->pluck('columns')->flatten(1)->pluck('goals')->flatten(1);
        $percent = static fn(?float $figure): ?float => $figure === null ? null : $figure * 100;

        expect($rows)->toHaveCount(Goal::query()->where('visibility', 'everyone')->count());

        foreach ($rows as $row) {
            $computed = $result['goals']["g{$row['id']}"];
            expect($row['gauge']['band'])
                ->toBe($computed['band'], $row['title'])
                ->and($row['gauge']['progress'])
                ->toEqualWithDelta($percent($computed['progress']), 0.051)
                ->and($row['gauge']['expected'])
                ->toEqualWithDelta($percent($computed['expected']), 0.051);
        }

        foreach ([16, 18, 20] as $id) {
            $figure = $this->getJson("/goals/$id/figure?on=$on")
                ->assertOk()
                ->json();
            $page = $this->props("/goals/$id?on=$on")['page'];
            expect($page['goal']['gauge']['progress'])
                ->toEqualWithDelta($percent($result['goals']["g$id"]['progress']), 0.051)
                ->and($figure['gauge']['progress'])
                ->toBe($page['goal']['gauge']['progress'])
                ->and(
                    in_array(
                        $page['forecast']['chance'] ?? null,
                        shownChances($result['goals']["g$id"]['forecast']['chance'] ?? null),
                        true,
                    ),
                )
                ->toBeTrue();

            $points = array_column($figure['sum'], 'points', 'link');
            $lines = array_filter($result['goals']["g$id"]['contributors'] ?? [], fn(array $line): bool => $line['kind'] !== 'tasks');

            foreach ($lines as $line) {
                $link = $line['kind'] === 'goal' ? '/goals/'.substr($line['id'], 1) : '/projects/'.substr($line['id'], 2);
                expect($points[$link])->toEqualWithDelta($line['points'] * 100, 0.051);
            }
        }
    })->with([
        '2026-07-01',
        '2026-08-14',
        '2026-09-30',
        '2026-10-01',
        '2026-11-11',
        '2026-12-24',
        '2027-01-03',
        '2027-01-20',
        '2027-02-09',
        '2027-02-10',
    ]);

    it('reviews a past quarter, and reports on it, with the figures that the plan computes to as of its last day', function (): void {
        // Who has not reviewed it sees its facts worked out now.
        $this->actingAs(Person::query()->where('name', 'like', 'Jonah %')->firstOrFail());
        $page = $this->props('/reviews/2027-Q2')['page'];
        $result = computedFromExport($page['period']['last']);
        $percent = static fn(?float $figure): ?float => $figure === null ? null : $figure * 100;

        expect($page['facts']['goals'])->toHaveCount(Goal::query()->openToAll()->where('period', '2027-Q2')->count());

        foreach ($page['facts']['goals'] as $each) {
            $computed = $result['goals']["g{$each['goal']['id']}"];
            expect($each['goal']['gauge']['band'])
                ->toBe($computed['band'], $each['goal']['title'])
                ->and($each['goal']['gauge']['progress'])
                ->toEqualWithDelta($percent($computed['progress']), 0.051);
        }

        $this->post('/reports', [
            'audience' => 'team',
            'from' => $page['period']['first'],
            'until' => $page['period']['last'],
        ])->assertSessionHasNoErrors();
        $text = (string) $this->get('/reports/'.Report::query()->max('id').'/markdown')->getContent();

        foreach ($page['facts']['goals'] as $each) {
            expect($text)->toContain(
                "- **{$each['goal']['title']}** ({$each['goal']['owner']['name']}): ".
                    implode(', ', array_filter([$each['goal']['gauge']['terms'], $each['goal']['gauge']['standing']])),
            );
        }
    });

    it('says nothing twice in a year of reviews, and lets findings go up', function (): void {
        $answers = Answer::query()->written()->pluck('words');

        expect($answers->unique())
            ->toHaveCount($answers->count())
            ->and(Review::query()->ofKind(Horizon::Week)->whereNotNull('held_at')->count())
            ->toBe(45)
            ->and(Review::query()->ofKind(Horizon::Month)->whereNotNull('held_at')->count())
            ->toBe(10)
            ->and(Review::query()->ofKind(Horizon::Quarter)->whereNotNull('held_at')->count())
            ->toBe(3)
            ->and(Finding::query()->where('level', 'year')->count())
            ->toBeGreaterThan(0)
            ->and(Report::query()->whereNotNull('sent_at')->count())
            ->toBe(1)
            ->and(Retrospective::query()->whereNotNull('finished_at')->count())
            ->toBe(1);
    });

    it('is the same every time for a day', function (): void {
        $first = DB::table('tasks')->orderBy('id')->get()->toJson();
        $this->storeNothing();
        Saltglass::load(Day::of('2027-02-10'));

        expect(DB::table('tasks')->orderBy('id')->get()->toJson())->toBe($first);
    });

    it('is not loaded over a workspace', function (): void {
        Artisan::call('demo:load');
        expect(Artisan::output())
            ->toContain('There is a workspace already')
            ->and(Workspace::query()->count())
            ->toBe(1);
    });
});

it('can be as large as a workspace gets', function (): void {
    Carbon::setTestNow('2027-02-10 09:00:00');

    expect(Artisan::call('demo:scale', ['--tasks' => 800]))
        ->toBe(0)
        ->and(DB::table('tasks')->count())
        ->toBe(800)
        ->and(DB::table('goals')->count())
        ->toBe(501)
        ->and(DB::table('meetings')->count())
        ->toBe(800)
        ->and(Artisan::call('demo:scale', ['--tasks' => 'many']))
        ->toBe(1);
    $this->actingAs(Person::query()->firstOrFail())
        ->get('/year')
        ->assertOk();
});

it('computes a plan file on the command line', function (): void {
    $case = dirname(__DIR__).'/cases/01-tasks-roll-up.plan.json';

    expect(Artisan::call('plan:compute', ['file' => $case, '--as-of' => '2027-02-12']))
        ->toBe(0)
        ->and(json_decode(Artisan::output(), true)['goals']['year']['progress'])
        ->toEqual(0.3333);

    $run = Process::path(base_path())
        ->input(
            ''.
                '{"format":"loftrin-plan","version":1,"goals":[{"id":"g7","horizon":"year","period":"2027",'.
                '"measure":{"kind":"number","start":1,"target":1}}]}',
        )
        ->run('php artisan plan:compute -');
    expect($run->exitCode())
        ->toBe(1)
        ->and($run->output())
        ->toBe('')
        ->and($run->errorOutput())
        ->toBe("goal g7: target must differ from start\n");

    foreach ([['/nowhere.json', '2027-01-01'], [$case, 'soon']] as [$file, $asOf]) {
        $run = Process::path(base_path())->run(['php', 'artisan', 'plan:compute', $file, "--as-of=$asOf"]);
        expect($run->exitCode())->toBe(1)->and($run->errorOutput())->toStartWith('plan: ');
    }
});

it('ships as a plan file that keeps the rules', function (): void {
    $document = PlanReader::read((string) file_get_contents(base_path('docs/saltglass.plan.json')));

    expect($document->goals)->toHaveCount(73)->and($document->projects)->toHaveCount(15);
});
