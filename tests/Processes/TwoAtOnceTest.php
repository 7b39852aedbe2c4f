<?php

declare(strict_types=1);

use App\Models\Addition;
use App\Models\AgreedChange;
use App\Models\Area;
use App\Models\Comment;
use App\Models\FinalMinutes;
use App\Models\FocusSession;
use App\Models\Goal;
use App\Models\Habit;
use App\Models\HabitTick;
use App\Models\Jot;
use App\Models\Letter;
use App\Models\Meeting;
use App\Models\PlanLine;
use App\Models\Project;
use App\Models\Reading;
use App\Models\Recipient;
use App\Models\Report;
use App\Models\RetrospectiveAnswer;
use App\Models\Role;
use App\Models\Task;
use App\Models\Workspace;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Loftrin\Core\Calendar\Calendar;
use Loftrin\Core\Calendar\Day;
use Tests\Feature\Made;
use Tests\Processes\Apart;

/** @param list<list<array{status: int, body: string}>> $answers */
function statuses(array $answers): array
{
    $all = array_map(static fn(array $answer): int => $answer['status'], array_merge(...$answers));
    sort($all);

    return $all;
}

it('writes whatever several people save at one moment, and refuses nobody the turn', function (): void {
    Apart::in(function (Apart $apart): void {
        Made::workspace();
        $people = array_map(static fn(): object => Made::person(), range(1, 4));
        $task = Made::task($people[0]);
        $answers = $apart->together(
            array_map(
                static fn(object $person): array => array_map(
                    static fn(int $number): array => [
                        'as' => $person->id,
                        'method' => 'POST',
                        'uri' => "/tasks/$task->id/comments",
                        'data' => ['words' => "Comment $number of $person->id"],
                    ],
                    range(1, 25),
                ),
                $people,
            ),
        );

        expect(array_unique(statuses($answers)))
            ->toBe([200])
            ->and(Comment::query()->count())
            ->toBe(100)
            ->and(DB::table('changes')->count())
            ->toBe(100);
    });
});

it('lets one of two close a goal, and carries it on once', function (): void {
    Apart::in(function (Apart $apart): void {
        Made::workspace();
        $lead = Made::person(Role::Lead);
        $goal = Made::goal($lead, '2027-Q1');
        $question = [
            [
                'as' => $lead->id,
                'method' => 'POST',
                'uri' => "/goals/$goal->id/close",
                'data' => ['result' => 'not_met', 'rest' => 'carried'],
            ],
        ];

        expect(statuses($apart->together([$question, $question, $question])))
            ->toBe([200, 422, 422])
            ->and(Goal::query()->where('predecessor_id', $goal->id)->count())
            ->toBe(1);
    });
});

it('enters a column once that several paste at one moment, and tells the others that it is there', function (): void {
    Apart::in(function (Apart $apart): void {
        Made::workspace();
        $lead = Made::person(Role::Lead);
        $goal = Made::goal($lead, '2027-Q1', ['measure' => 'number', 'start_value' => 0, 'target_value' => 40]);
        $paste = [
            [
                'as' => $lead->id,
                'method' => 'POST',
                'uri' => "/goals/$goal->id/readings/column",
                'data' => ['text' => "2027-01-11\t3\n2027-01-18\t5.5", 'last' => '2027-02-10'],
            ],
        ];

        expect(statuses($apart->together([$paste, $paste, $paste])))
            ->toBe([200, 422, 422])
            ->and(Reading::query()->count())
            ->toBe(2);
    });
});

it('makes one task of a line that two promote, and opens one meeting of two', function (): void {
    Apart::in(function (Apart $apart): void {
        Made::workspace();
        $lead = Made::person(Role::Lead);
        $project = Made::project($lead);
        $line = PlanLine::query()->create(['project_id' => $project->id, 'title' => 'Survey the berth']);
        $series = Made::series([$lead]);
        $promote = [['as' => $lead->id, 'method' => 'POST', 'uri' => "/lines/$line->id/promote"]];
        $open = [
            ['as' => $lead->id, 'method' => 'POST', 'uri' => "/series/$series->id/open", 'data' => ['on' => '2027-02-15', 'early' => true]],
        ];

        expect(statuses($apart->together([$promote, $promote])))
            ->toBe([200, 422])
            ->and(statuses($apart->together([$open, $open])))
            ->toBe([200, 422])
            ->and(Task::query()->count())
            ->toBe(1)
            ->and(Meeting::query()->count())
            ->toBe(1);
    });
});

it('makes one of what is asked four times at once under one key', function (): void {
    Apart::in(function (Apart $apart): void {
        Made::workspace();
        $person = Made::person(Role::Lead);
        $question = [
            ['as' => $person->id, 'method' => 'POST', 'uri' => '/projects', 'data' => ['title' => 'Moorings Faroe'], 'key' => 'one-press'],
        ];

        expect(statuses($apart->together([$question, $question, $question, $question])))
            ->toBe([200, 200, 200, 200])
            ->and(Project::query()->count())
            ->toBe(1);
    });
});

it('loses no task of one who adds it to a project just as another undoes having made that', function (): void {
    Apart::in(function (Apart $apart): void {
        Made::workspace();
        [$one, $two] = [Made::person(Role::Lead), Made::person(Role::Lead)];
        $apart->together([[['as' => $one->id, 'method' => 'POST', 'uri' => '/projects', 'data' => ['title' => 'Moorings Faroe']]]]);
        $project = Project::query()->firstOrFail();
        [$undone, $added] = $apart->together([
            [['as' => $one->id, 'method' => 'POST', 'uri' => '/undo']],
            [['as' => $two->id, 'method' => 'POST', 'uri' => '/tasks', 'data' => ['title' => 'Order shackles', 'project' => $project->id]]],
        ]);
        $isThere = Project::query()->exists();

        // Whoever came first: the other was refused.
        expect($undone[0]['status'] === 200)
            ->toBe(! $isThere)
            ->and($added[0]['status'] === 200)
            ->toBe($isThere)
            ->and(Task::query()->count())
            ->toBe($isThere ? 1 : 0);
    });
});

it('keeps all that was acknowledged when a process is killed in the middle', function (): void {
    Apart::in(function (Apart $apart): void {
        Made::workspace();
        $person = Made::person();
        $task = Made::task($person);
        $answered = $apart->killed(
            array_map(
                static fn(int $number): array => [
                    'as' => $person->id,
                    'method' => 'POST',
                    'uri' => "/tasks/$task->id/comments",
                    'data' => ['words' => "Comment $number"],
                ],
                range(1, 400),
            ),
            20,
        );
        $kept = Comment::query()->count();

        expect($answered)
            ->toBeGreaterThanOrEqual(20)
            ->and($kept)
            ->toBeIn([$answered, $answered + 1])
            ->and(DB::table('changes')->count())
            ->toBe($kept)
            ->and(DB::selectOne('pragma integrity_check'))
            ->toEqual((object) ['integrity_check' => 'ok']);

        // And whoever comes next waits for nothing that the killed one held.
        expect(
            statuses($apart->together([[['as' => $person->id, 'method' => 'POST', 'uri' => '/jots', 'data' => ['words' => 'After it']]]])),
        )->toBe([200]);
    });
});

it('overwrites nobody’s notes: of two who began with the same text one is refused and loses nothing', function (): void {
    Apart::in(function (Apart $apart): void {
        Made::workspace();
        $people = [Made::person(Role::Lead), Made::person(Role::Lead)];
        $task = Made::task($people[0], ['notes' => 'The anchor is wet.']);
        $write = static fn(object $person): array => [
            [
                'as' => $person->id,
                'method' => 'PUT',
                'uri' => "/tasks/$task->id",
                'data' => ['notes' => "By $person->id", 'seen' => ['notes' => 'The anchor is wet.']],
            ],
        ];

        expect(statuses($apart->together([$write($people[0]), $write($people[1])])))->toBe([200, 422]);
    });
});

it('runs one focus session of two that are begun at once, and keeps one tick of a habit', function (): void {
    Apart::in(function (Apart $apart): void {
        Made::workspace();
        $person = Made::person();
        $ask = static fn(string $method, string $uri, array $data): array => [
            ['as' => $person->id, 'method' => $method, 'uri' => $uri, 'data' => $data],
        ];
        $begin = $ask('POST', '/focus-sessions', ['intent' => 'Write the offer', 'minutes' => 50]);
        $habit = Habit::query()->create([
            'person_id' => $person->id,
            'title' => 'Walk',
            'per' => 'day',
            'times' => 1,
            'weekdays' => [],
            'began_on' => '2026-01-01',
        ]);
        $tick = $ask('PUT', "/habits/$habit->id/ticks", ['on' => '2026-02-01', 'count' => 1]);

        expect(statuses($apart->together([$begin, $begin, $begin])))
            ->toBe([200, 422, 422])
            ->and(FocusSession::query()->count())
            ->toBe(1)
            ->and(statuses($apart->together([$tick, $tick, $tick])))
            ->toBe([200, 200, 200])
            ->and(HabitTick::query()->sole()->count)
            ->toBe(1);
    });
});

it('makes one task of each thing that two sort at once, one by one and several together', function (): void {
    Apart::in(function (Apart $apart): void {
        Made::workspace();
        $person = Made::person();
        $area = Area::query()->create(['name' => 'Yard', 'kind' => 'area', 'owner_id' => $person->id]);
        $other = Made::person();
        $jots = array_map(
            static fn(int $number): int => Jot::query()->create([
                'person_id' => $person->id,
                'area_id' => $area->id,
                'words' => "Thing $number",
                'jotted_on' => '2026-01-01',
            ])->id,
            range(1, 6),
        );
        $many = [['as' => $other->id, 'method' => 'PUT', 'uri' => '/jots/many', 'data' => ['jots' => $jots, 'what' => 'task']]];
        $single = array_map(
            static fn(int $jot): array => [
                'as' => $person->id,
                'method' => 'POST',
                'uri' => "/jots/$jot/task",
                'data' => ['title' => "Thing $jot"],
            ],
            $jots,
        );
        $apart->together([$many, $single, array_reverse($single)]);

        expect(Task::query()->count())
            ->toBe(6)
            ->and(Jot::query()->whereNull('sorted_on')->count())
            ->toBe(0);
    });
});

it('keeps a week once when several processes begin a day at once', function (): void {
    Apart::in(function (Apart $apart): void {
        Made::workspace();
        $person = Made::person();
        Carbon::setTestNow();
        app()->forgetScopedInstances();
        $today = Day::of(Carbon::now()->format('Y-m-d'));
        $week = (new Calendar())->previous((new Calendar())->weekOf($today));
        Made::task($person, ['planned' => $week->name, 'created_on' => (string) $week->span->first, 'minutes' => 60]);
        Workspace::query()->update(['begun_on' => (string) $week->span->first]);
        $look = [['as' => $person->id, 'method' => 'GET', 'uri' => '/']];
        $apart->together([$look, $look, $look, $look]);

        expect(DB::table('week_tasks')->where('week', $week->name)->pluck('outcome')->all())->toBe(['carried']);
    });
});

it('keeps every line that several write at once while somebody closes the meeting: in its minutes, or added to them', function (): void {
    Apart::in(function (Apart $apart): void {
        Made::workspace();
        $people = array_map(static fn(): object => Made::person(Role::Lead), range(1, 4));
        $series = Made::series($people);
        $meeting = $series->meetings()->create(['on' => Made::TODAY, 'time' => '09:15', 'minutes' => 30, 'opened_at' => now()]);
        $item = $meeting->items()->create(['kind' => 'standing', 'title' => 'Figures', 'minutes' => 5, 'position' => 0]);
        $line = static fn(int $person, int $number, int $version): array => [
            'as' => $person,
            'method' => 'PUT',
            'uri' => "/agenda-items/$item->id/lines",
            'data' => [
                'key' => sprintf('3f0c7c1e-8b0f-4a53-%04d-%012d', $person, $number),
                'words' => $version === 1 ? "Line $number of" : "Line $number of $person",
                'version' => $version,
            ],
        ];
        $lines = static fn(int $person): array => array_merge(
            ...array_map(static fn(int $number): array => [$line($person, $number, 1), $line($person, $number, 2)], range(1, 20)),
        );
        // The fourth writes some lines and closes amid the others.
        $closes = [
            ...array_slice($lines($people[3]->id), 0, 10),
            ['as' => $people[3]->id, 'method' => 'POST', 'uri' => "/meetings/$meeting->id/close", 'data' => ['waits' => false]],
        ];
        $answers = $apart->together([$lines($people[0]->id), $lines($people[1]->id), $lines($people[2]->id), $closes]);

        expect(array_unique(statuses($answers)))->toBe([200]);
        $minutes = FinalMinutes::query()->sole();
        $kept = [
            ...array_column(json_decode($minutes->text, true)['items'][0]['lines'], 'words'),
            ...Addition::query()->pluck('words')->all(),
        ];

        foreach (array_slice($people, 0, 3) as $person) {
            foreach (range(1, 20) as $number) {
                expect(count(array_keys($kept, "Line $number of $person->id", true)))->toBe(1, "Line $number of $person->id");
            }
        }

        expect($minutes->isIntact())->toBeTrue();
    });
});

it('closes a meeting once of two who close it, and gives the time that two ask for', function (): void {
    Apart::in(function (Apart $apart): void {
        Made::workspace();
        $lead = Made::person(Role::Lead);
        $meeting = Made::series([$lead])
            ->meetings()
            ->create(['on' => Made::TODAY, 'time' => '09:15', 'minutes' => 30, 'opened_at' => now()]);
        $item = $meeting->items()->create(['kind' => 'standing', 'title' => 'Figures', 'minutes' => 5, 'position' => 0]);
        $more = [['as' => $lead->id, 'method' => 'PUT', 'uri' => "/agenda-items/$item->id/extra", 'data' => ['minutes' => 5]]];
        $close = [['as' => $lead->id, 'method' => 'POST', 'uri' => "/meetings/$meeting->id/close"]];

        expect(statuses($apart->together([$more, $more])))
            ->toBe([200, 200])
            ->and($item->refresh()->extra)
            ->toBe(10)
            ->and(statuses($apart->together([$close, $close])))
            ->toBe([200, 422])
            ->and(FinalMinutes::query()->count())
            ->toBe(1);
    });
});

it('sends a report once, whichever of two windows was pressed first', function (): void {
    Apart::in(function (Apart $apart): void {
        Made::workspace();
        $me = Made::person(Role::Lead);
        $other = Made::person();
        $report = Report::query()->create([
            'person_id' => $me->id,
            'title' => 'January',
            'audience' => 'team',
            'first' => '2027-01-01',
            'last' => '2027-01-31',
            'words' => 'We finished {done}.',
        ]);
        $send = [
            'as' => $me->id,
            'method' => 'POST',
            'uri' => "/reports/$report->id/send",
            'data' => ['people' => [$other->id], 'groups' => [], 'contacts' => []],
        ];
        $apart->together([[$send], [$send], [$send]]);

        expect(Letter::query()->count())->toBe(1)->and(Recipient::query()->count())->toBe(1);
    });
});

it('keeps what four people write in a retrospective at one moment, and what they agree on', function (): void {
    Apart::in(function (Apart $apart): void {
        Made::workspace();
        $people = array_map(static fn(): object => Made::person(), range(1, 4));
        $of = Made::retrospective($people[0], ['shown_at' => now()], array_slice($people, 1));
        $question = $of->questions()->sole();
        $answers = $apart->together(
            array_map(
                static fn(object $person): array => [
                    ...array_map(
                        static fn(int $number): array => [
                            'as' => $person->id,
                            'method' => 'PUT',
                            'uri' => "/retrospectives/$of->id/answers",
                            'data' => ['question' => $question->id, 'words' => "Line $number of $person->id"],
                        ],
                        range(1, 10),
                    ),
                    [
                        'as' => $person->id,
                        'method' => 'POST',
                        'uri' => "/retrospectives/$of->id/changes",
                        'data' => ['words' => "Change of $person->id", 'owner' => $person->id, 'by' => '2027-03-01', 'sign' => 'It is.'],
                    ],
                ],
                $people,
            ),
        );

        expect(array_unique(statuses($answers)))
            ->toBe([200])
            ->and(
                RetrospectiveAnswer::query()
                    ->orderBy('person_id')
                    ->pluck('words')
                    ->all(),
            )
            ->toBe(array_map(static fn(object $person): string => "Line 10 of $person->id", $people))
            ->and(AgreedChange::query()->count())
            ->toBe(4);
    });
});

it('never leaves somebody with a task in a project that they cannot see, whoever is first', function (): void {
    Apart::in(function (Apart $apart): void {
        Made::workspace();
        $owner = Made::person();
        $other = Made::person();

        foreach (range(1, 5) as $round) {
            $project = Made::project($owner, more: ['title' => "Project $round"]);
            $apart->together([
                [
                    [
                        'as' => $owner->id,
                        'method' => 'PUT',
                        'uri' => "/projects/$project->id",
                        'data' => ['title' => "Project $round", 'visibility' => 'only_me'],
                    ],
                ],
                [['as' => $other->id, 'method' => 'POST', 'uri' => '/tasks', 'data' => ['title' => 'x', 'project' => $project->id]]],
            ]);
            $isHidden = $project->refresh()->isHidden();

            // One of the two was refused.
            expect(Task::query()->where('project_id', $project->id)->count())->toBe($isHidden ? 0 : 1);
        }
    });
});
