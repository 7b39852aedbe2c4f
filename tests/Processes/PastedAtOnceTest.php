<?php

declare(strict_types=1);

use App\Models\Person;
use App\Models\Role;
use App\Models\Task;
use Illuminate\Support\Facades\DB;
use Tests\Feature\Made;
use Tests\Processes\Apart;

/** What somebody sends who pastes a list into the line for tasks of a project. */
function pasted(Person $who, int $project, array $lines, ?string $key = null): array
{
    return [
        'as' => $who->id,
        'method' => 'POST',
        'uri' => '/tasks',
        'data' => ['project' => $project, 'isLine' => true, 'lines' => $lines],
        ...$key === null ? [] : ['key' => $key],
    ];
}

it('adds the lists that several paste at one moment each as a whole, in its own order', function (): void {
    Apart::in(function (Apart $apart): void {
        Made::workspace();
        $people = array_map(static fn(): Person => Made::person(), range(1, 3));
        $project = Made::project($people[0]);
        $lists = array_map(
            static fn(Person $person): array => array_map(static fn(int $at): string => "Task $at of $person->id", range(1, 30)),
            $people,
        );
        $answers = $apart->together(
            array_map(static fn(Person $person, array $list): array => [pasted($person, $project->id, $list)], $people, $lists),
        );
        $titles = Task::query()->orderBy('id')->pluck('title')->all();

        expect(array_unique(array_column(array_merge(...$answers), 'status')))
            ->toBe([200])
            ->and(count($titles))
            ->toBe(90)
            ->and(DB::table('changes')->count())
            ->toBe(3);

        // None stands within another.
        foreach ($lists as $list) {
            expect(array_slice($titles, (int) array_search($list[0], $titles, true), 30))->toBe($list);
        }
    });
});

it('adds a list once, however often it is sent at one moment under one key', function (): void {
    Apart::in(function (Apart $apart): void {
        Made::workspace();
        $mei = Made::person();
        $press = [pasted($mei, Made::project($mei)->id, ['Ask the diver', 'Ask the harbour'], 'one-press')];

        expect(array_unique(array_column(array_merge(...$apart->together([$press, $press, $press])), 'status')))
            ->toBe([200])
            ->and(Task::query()->pluck('title')->all())
            ->toBe(['Ask the diver', 'Ask the harbour']);
    });
});

it('adds all of a list or nothing, where the project is closed at that moment', function (): void {
    Apart::in(function (Apart $apart): void {
        Made::workspace();
        $lead = Made::person(Role::Lead);
        $project = Made::project($lead);
        $drop = ['as' => $lead->id, 'method' => 'PUT', 'uri' => "/projects/$project->id/state", 'data' => ['state' => 'dropped']];
        $answers = $apart->together([
            array_map(
                static fn(int $at): array => pasted($lead, $project->id, ["One of $at", "Two of $at", "Three of $at"]),
                range(1, 10),
            ),
            [$drop],
        ]);

        expect(array_diff(array_column(array_merge(...$answers), 'status'), [200, 422]))->toBe([]);

        for ($at = 1; $at <= 10; $at++) {
            expect(Task::query()->where('title', 'like', "% of $at")->count() % 3)->toBe(0);
        }
    });
});
