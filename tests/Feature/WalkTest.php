<?php

declare(strict_types=1);

use App\Models\Area;
use App\Models\Dependency;
use App\Models\Goal;
use App\Models\Project;
use App\Models\Series;
use App\Models\Task;
use Illuminate\Support\Facades\DB;
use Tests\Feature\Walk;

/** How far the walks go: WALK=2000 for a long one. */
function walkLength(): int
{
    return (int) (getenv('WALK') ?: 90);
}

/** @return list<string> what a walk along what each names ends in, where it ends in a loop */
function loops(array $next): array
{
    $found = [];

    foreach (array_keys($next) as $start) {
        $seen = [];

        for ($at = [$start]; $at !== [];) {
            $one = array_pop($at);

            foreach ($next[$one] ?? [] as $following) {
                if ($following === $start) {
                    $found[] = "$start";
                }

                if (! isset($seen[$following])) {
                    $seen[$following] = true;
                    $at[] = $following;
                }
            }
        }
    }

    return $found;
}

it('keeps its rules, loses no task and shows the truth, whatever three people change and undo', function (int $seed): void {
    $walk = new Walk($this, $seed);
    $trail = [];

    foreach (range(1, walkLength()) as $step) {
        $trail[] = $walk->step();
        $said = "seed $seed, after ".implode('; ', array_slice($trail, -6));

        expect(
            loops(
                Goal::query()
                    ->whereNotNull('parent_id')
                    ->get()
                    ->mapWithKeys(static fn(Goal $goal): array => [$goal->id => [$goal->parent_id]])
                    ->all(),
            ),
        )
            ->toBe([], $said)
            ->and(
                loops(
                    Dependency::query()->get()->groupBy('task_id')->map(static fn($each): array => $each->pluck('after_id')->all())->all(),
                ),
            )
            ->toBe([], $said)
            ->and(
                Task::query()
                    ->whereNotNull('project_id')
                    ->whereNotIn('project_id', Project::query()->select('id'))
                    ->count(),
            )
            ->toBe(0, $said)
            ->and(
                Goal::query()
                    ->where('visibility', 'only_me')
                    ->whereHas('children', static fn($below) => $below->where('visibility', '!=', 'only_me'))
                    ->count(),
            )
            ->toBe(0, $said);

        if ($step % 15 === 0) {
            $screens = [
                '/',
                '/weeks/2027-W06',
                '/year',
                '/projects?state=all',
                '/direction',
                '/lists',
                '/lists/not_scheduled',
                '/closing/2027-Q1',
                '/planning/2027-Q1/goals',
                '/planning/2027-Q1/order',
                '/shelf',
                '/reviews/2027-W05',
                '/people',
                '/meetings',
                '/series/'.Series::query()->value('id'),
                '/projects/'.Project::query()->pluck('id')->random(),
                '/areas/'.Area::query()->value('id'),
                ...Goal::query()->pluck('id')->random(2)->map(static fn(int $id): string => "/goals/$id")->all(),
            ];

            // The lead first: what was remembered for one must not be shown to another.
            foreach ($walk->people as $person) {
                $this->actingAs($person);
                $seen = function (bool $remembers) use ($screens): array {
                    config(['app.remembers' => $remembers]);

                    return array_map(function (string $screen): array {
                        $answer = $this->get($screen);

                        return [
                            $screen,
                            $answer->getStatusCode(),
                            $answer->isOk()
                                ? array_diff_key($answer->viewData('page')['props'], ['change' => 1, 'problem' => 1, 'errors' => 1])
                                : [],
                        ];
                    }, $screens);
                };
                expect(json_encode($seen(true)))->toBe(json_encode($seen(false)), $said);
                config(['app.remembers' => true]);
            }
        }
    }
})->with([1, 2]);

it('is as it was in the beginning once everything is undone, and as it was in the end once it is redone', function (int $seed): void {
    $walk = new Walk($this, $seed);
    $beginning = $this->everythingStored();
    $trail = [];

    foreach (range(1, (int) (walkLength() / 2)) as $step) {
        $trail[] = $walk->step($walk->people[0]);
    }

    $said = implode('; ', $trail);
    $end = $this->everythingStored();
    $changes = DB::table('changes')->count();

    for ($back = 0; $back < $changes; ++$back) {
        Walk::pause();
        $this->post('/undo')->assertStatus(303)->assertSessionHasNoErrors();
    }

    expect($this->everythingStored())->toEqual($beginning, "seed $seed: $said");

    for ($forth = 0; $forth < $changes; ++$forth) {
        Walk::pause();
        $this->post('/redo')->assertStatus(303)->assertSessionHasNoErrors();
    }

    expect($this->everythingStored())
        ->toEqual($end, "seed $seed: $said")
        ->and($changes)
        ->toBeGreaterThan(10);
})->with([11, 12, 13]);
