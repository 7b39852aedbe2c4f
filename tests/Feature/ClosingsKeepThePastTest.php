<?php

declare(strict_types=1);

use App\Exchange\PlanExport;
use App\Models\Goal;
use App\Models\Project;
use App\Models\Reading;
use App\Models\RecurringTask;
use App\Models\RecurringTaskContribution;
use App\Models\Role;
use App\Models\Step;
use App\Models\Task;
use App\Models\Visibility;
use App\Queries\Hours\DoneHours;
use App\Queries\Plan\StoredPlan;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Calendar\Span;
use Loftrin\Core\Fraction;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Plans;
use Tests\Feature\Made;

/** A quarter of random work, owned by two people, with goals of every kind and some beneath others. */
function randomQuarter(Randomizer $chance): void
{
    [$lead, $mei] = [test()->lead, test()->mei];
    $day = static fn(int $from, int $to): string => (string) Day::of('2027-01-04')->plus($chance->getInt($from, $to));
    $maybe = static fn(int $in, mixed $value): mixed => $chance->getInt(1, $in) === 1 ? $value : null;
    $year = Made::goal($lead, '2027', ['created_on' => '2027-01-01']);
    $measures = [
        ['measure' => 'work', 'tasks_weight' => 2],
        ['measure' => 'work'],
        ['measure' => 'number', 'start_value' => 0, 'target_value' => 20],
        ['measure' => 'count', 'target_value' => 7],
        ['measure' => 'keep', 'limit_value' => 5, 'sense' => 'at_least', 'share' => 0.8],
        ['measure' => 'yes_no'],
    ];
    $goals = [];

    foreach ($measures as $at => $measure) {
        $goals[] = Made::goal($at % 2 === 0 ? $lead : $mei, '2027-Q1', [
            'title' => "Goal $at",
            'parent_id' => $at === 1 ? $goals[0]->id : $year->id,
            'weight' => $chance->getInt(1, 3),
            'created_on' => $day(-4, 20),
            ...$measure,
        ]);
    }

    $month = Made::goal($lead, '2027-02', ['title' => 'Month', 'parent_id' => $goals[0]->id, 'created_on' => '2027-01-30']);

    foreach ([[$goals[2], 18], [$goals[4], 9]] as [$goal, $most]) {
        foreach (range(1, $chance->getInt(1, 4)) as $_) {
            $reading = ['on' => $day(0, 36), 'value' => $chance->getInt(1, $most), 'entered_by' => $lead->id];
            Reading::query()->create(['goal_id' => $goal->id, ...$reading]);
        }
    }

    $projects = array_map(
        static fn(int $at): Project => Made::project($lead, [$goals[$at % 2], ...$at === 0 ? [$goals[3]] : []], more: [
            'title' => "Project $at",
            'weighing' => $at === 1 ? 'effort' : 'count',
            'created_on' => $day(0, 10),
            ...$chance->getInt(1, 5) === 1 ? ['state' => 'done', 'state_on' => $day(20, 37)] : [],
        ]),
        [0, 1, 2],
    );
    $weekly = RecurringTask::query()->create([
        'title' => 'Rinse the tank',
        'owner_id' => $mei->id,
        'words' => 'every Monday',
        'rule' => 'FREQ=WEEKLY',
        'starts_on' => '2027-01-04',
        'visibility' => Visibility::Everyone,
    ]);
    RecurringTaskContribution::query()->create(['recurring_task_id' => $weekly->id, 'goal_id' => $goals[3]->id, 'weight' => 1]);

    foreach (range(1, 24) as $at) {
        $created = $day(0, 30);
        $done = $maybe(2, $day(5, 37));
        $task = Made::task($at % 3 === 0 ? $mei : $lead, [
            'title' => "Task $at",
            'created_on' => $created,
            'done_on' => $done,
            'shelved_on' => $done === null && $chance->getInt(1, 8) === 1 ? $day(31, 37) : null,
            'minutes' => $maybe(2, $chance->getInt(1, 9) * 10),
            ...match ($at % 4) {
                0 => ['goal_id' => $chance->getInt(0, 1) === 0 ? $goals[$at % 3 === 0 ? 3 : 0]->id : $month->id],
                1, 2 => ['project_id' => $projects[$at % 3]->id],
                default => ['recurring_task_id' => $weekly->id],
            },
        ]);

        foreach (range(0, $chance->getInt(0, 3)) as $position) {
            $step = ['position' => $position, 'title' => 'Step', 'done_on' => $maybe(2, $day(5, 37))];
            Step::query()->create(['task_id' => $task->id, ...$step]);
        }
    }
}

/**
 * What every screen says of the days before today: each goal's figure, what it is made of, and all hours.
 *
 * @param list<int> $goals
 *
 * @return array<string, mixed>
 */
function daysBefore(array $goals): array
{
    app()->forgetScopedInstances();
    $stored = StoredPlan::ofYear(test()->workspace, null, test()->workspace->calendar()->period('2027'));
    $said = [];

    foreach ([1, 2, 5, 9, 16, 25] as $back) {
        $on = Day::of(Made::TODAY)->plus(-$back);

        foreach ($goals as $id) {
            $goal = Goal::query()->findOrFail($id);
            $figure = $stored->figure($goal, $on);
            $said["goal $id on $on"] = [
                $figure->progress?->rounded(6),
                $figure->expected?->rounded(6),
                $figure->band->value,
                array_map(
                    static fn($line): array => [$line->kind->value, $line->id, $line->points()->rounded(6), $line->leftOut?->value],
                    $stored->rollup->contributors($stored->core($goal), $on),
                ),
                $stored->forecast($goal, $on)?->increments,
            ];
        }
    }

    foreach ([null, test()->lead, test()->mei] as $whose) {
        $span = new Span(Day::of('2027-01-01'), Day::of(Made::TODAY)->plus(-1));
        $hours = app(DoneHours::class);
        $ledger = ($whose === null ? $hours->ofTeam($span) : $hours->of($span, $whose))->ledger;
        $said["hours of $whose?->name"] = array_map(static fn(Fraction $part): float => $part->rounded(6), [
            'all' => $ledger->minutes,
            'threaded' => $ledger->threaded,
            ...$ledger->byGoal,
        ]);
    }

    return $said;
}

beforeEach(function (): void {
    $this->workspace = Made::workspace();
    $this->lead = Made::person(Role::Lead, 'Noor Aksoy');
    $this->mei = Made::person(Role::Lead, 'Mei Tanaka');
    $this->actingAs($this->lead);
});

it('leaves every figure and every hour of earlier days as they were, also once it is undone and done again', function (int $seed): void {
    $chance = new Randomizer(new Mt19937($seed));
    randomQuarter($chance);
    $goals = Goal::query()->orderBy('id')->pluck('id')->all();
    $was = daysBefore($goals);
    $today = Plans::computeJson(json_encode(app(PlanExport::class)->of(), JSON_THROW_ON_ERROR), Made::TODAY);
    $closing = [];

    foreach (Goal::query()->where('period', '2027-Q1')->orderBy('id')->get() as $goal) {
        $closing[$goal->id] = match ($chance->getInt(0, 3)) {
            0 => ['result' => 'not_met', 'rest' => 'split', 'titles' => "One of $goal->title\nTwo of $goal->title", 'parent' => 'none'],
            1 => ['result' => 'in_part'],
            default => ['result' => 'in_part', 'rest' => 'carried', 'parent' => 'none'],
        };
    }

    $this->post('/closing/2027-Q1', ['goals' => $closing])->assertSessionHasNoErrors();
    expect(daysBefore($goals))->toBe($was);

    // What is exported computes to the same as what is stored, also today.
    $export = Plans::computeJson(json_encode(app(PlanExport::class)->of(), JSON_THROW_ON_ERROR), Made::TODAY);
    app()->forgetScopedInstances();
    $stored = StoredPlan::ofYear($this->workspace, null, $this->workspace->calendar()->period('2027'));

    foreach (Goal::query()->orderBy('id')->get() as $goal) {
        expect($stored->figure($goal, Day::of(Made::TODAY))->progress?->rounded())->toEqual($export['goals']["g$goal->id"]['progress']);
    }

    expect($export['ledger']['minutes'])->toEqual($today['ledger']['minutes']);

    // What was left is neither ahead nor behind on its first day, and later work counts for it.
    foreach (Goal::query()->whereNotNull('predecessor_id')->whereIn('measure', ['work', 'number', 'count'])->get() as $next) {
        $figure = $export['goals']["g$next->id"];
        expect([$figure['progress'] ?? 0, $figure['expected']])->toEqual([0, 0]);
    }

    $this->post('/undo')->assertSessionHasNoErrors();
    expect(daysBefore($goals))->toBe($was)->and(DB::table('stays')->count())->toBe(0);
    $this->post('/redo')->assertSessionHasNoErrors();
    expect(daysBefore($goals))->toBe($was)->and(Goal::query()->whereNotNull('closed_on')->count())->toBeGreaterThan(0);
})->with(range(1, 8));

it('adds up hours by goal, area, effort, person and week to the whole of any span', function (int $seed): void {
    $chance = new Randomizer(new Mt19937($seed));
    $this->workspace->update(['year_starts_in' => $chance->getInt(1, 12)]);
    randomQuarter($chance);

    $done = Task::query()->whereNotNull('done_on');

    foreach (range(1, 6) as $_) {
        $first = Day::of('2027-01-01')->plus($chance->getInt(0, 40));
        $span = new Span($first, $first->plus($chance->getInt(0, 45)));
        $within = $done->clone()->whereBetween('done_on', [(string) $span->first, (string) $span->last]);
        $ledger = app(DoneHours::class)->ofTeam($span)->ledger;
        $sum = static fn(array $parts): float => array_reduce(
            $parts,
            static fn(Fraction $sum, Fraction $part): Fraction => $sum->plus($part),
            Fraction::zero(),
        )->rounded(6);
        $byWeek = array_map(static fn($of): Fraction => $of->minutes, $ledger->byWeek($this->workspace->calendar()));
        $whole = $ledger->minutes->rounded(6);

        expect($sum($ledger->byGoal))->toBe($ledger->threaded->rounded(6))
            ->and([$sum($ledger->byArea), $sum($ledger->byEffort), $sum($ledger->byPerson), $sum($byWeek)])
            ->toBe([$whole, $whole, $whole, $whole])
            ->and($within->sum(DB::raw('coalesce(minutes, 30)')))
            ->toEqual($whole);
    }
})->with(range(1, 6));

/** Each goal's figure and its lines as of a day: as stored, and as the exported plan computes to. */
function storedAndExported(string $on): array
{
    app()->forgetScopedInstances();
    $stored = StoredPlan::ofYear(test()->workspace, null, test()->workspace->calendar()->period('2027'));
    $computed = Plans::computeJson(json_encode(app(PlanExport::class)->of(), JSON_THROW_ON_ERROR), $on)['goals'];
    $both = [[], []];

    foreach ($stored->goals() as $goal) {
        $figure = $stored->figure($goal, Day::of($on));
        $lines = $stored->rollup->contributors($stored->core($goal), Day::of($on));
        $both[0]["g$goal->id"] = [
            $figure->progress?->rounded(),
            $figure->expected?->rounded(),
            $figure->band->value,
            array_map(static fn($line): array => [$line->kind->value, $line->points()->rounded(), $line->leftOut?->value], $lines),
        ];
    }

    foreach ($computed as $id => $goal) {
        $both[1][$id] = [
            $goal['progress'],
            $goal['expected'],
            $goal['band'],
            array_map(static fn(array $line): array => [$line['kind'], $line['points'], $line['left_out']], $goal['contributors'] ?? []),
        ];
    }

    ksort($both[0]);
    ksort($both[1]);

    return $both;
}

it('is exported as it is stored after one closing upon another, as of any day', function (int $seed): void {
    $chance = new Randomizer(new Mt19937($seed));
    randomQuarter($chance);

    foreach (['2027-Q1' => '2027-03-30', '2027-Q2' => '2027-06-29', '2027-Q3' => '2027-09-28'] as $quarter => $on) {
        Made::later($on);
        $this->actingAs($this->lead);

        foreach (Task::query()->whereNull('done_on')->get() as $task) {
            $chance->getInt(1, 4) === 1 && $task->update(['done_on' => (string) Day::of($on)->plus(-$chance->getInt(0, 40))]);
        }

        $closing = [];
        $stored = StoredPlan::ofYear($this->workspace, null, $this->workspace->calendar()->period('2027'));

        foreach (Goal::query()->where('period', $quarter)->whereNull('closed_on')->orderBy('id')->get() as $goal) {
            $isReached = $stored->figure($goal, Day::of($on))->progress?->isAtLeast(Fraction::one()) ?? false;
            $closing[$goal->id] = match ($isReached ? 2 : $chance->getInt(0, 5)) {
                0 => ['result' => 'not_met', 'rest' => 'split', 'titles' => "One of $goal->id\nTwo of $goal->id", 'parent' => 'none'],
                1 => ['result' => 'stopped', 'rest' => 'dropped', 'line' => 'Not any more.'],
                2 => ['result' => 'met'],
                default => ['result' => 'in_part', 'rest' => 'carried', 'parent' => 'none'],
            };
        }

        $this->post("/closing/$quarter", ['goals' => $closing])->assertSessionHasNoErrors();
    }

    Made::later('2027-11-15');

    foreach (range(1, 12) as $_) {
        $on = (string) Day::of('2027-01-04')->plus($chance->getInt(0, 314));
        [$stored, $exported] = storedAndExported($on);
        expect($stored)->toEqual($exported, "as of $on");
    }
})->with(range(1, 4));
