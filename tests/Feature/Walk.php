<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Area;
use App\Models\Goal;
use App\Models\Issue;
use App\Models\Person;
use App\Models\Project;
use App\Models\Role;
use App\Models\Series;
use App\Models\Stage;
use App\Models\Task;
use Illuminate\Support\Carbon;
use Illuminate\Testing\TestResponse;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\TestCase;

/** Three people who change whatever comes to hand, sensible or not, and undo it: the same walk again for the same seed. */
final class Walk
{
    private const PERIODS = ['2027', '2027-H1', '2027-Q1', '2027-Q2', '2027-02', '2027-W06', '2027-W07'];

    /** What is done, the more often a kind stands here the likelier. */
    private const KINDS = [
        ...['set', 'hang', 'reword', 'begin', 'add', 'tick', 'plan', 'wait', 'move', 'shelve', 'weigh', 'close'],
        ...['reopen', 'read', 'say', 'hide', 'end', 'raise', 'withdraw', 'undo', 'undo', 'redo'],
    ];

    /** What is left out where one person's steps are undone one by one. */
    private const NOT_ALONE = ['reopen', 'say', 'undo', 'redo'];

    /** @var list<Person> */
    public readonly array $people;

    private readonly Randomizer $chance;

    public function __construct(private readonly TestCase $test, int $seed)
    {
        $this->chance = new Randomizer(new Mt19937($seed));
        Made::workspace();
        $this->people = [Made::person(Role::Lead, 'Noor Aksoy'), Made::person(name: 'Mei Tanaka'), Made::person(name: 'Elif Kaya')];
        [$noor, $mei] = $this->people;
        $goals = [
            Made::goal($noor),
            Made::goal($mei, '2027-Q1'),
            Made::goal($noor, '2027-Q1', ['measure' => 'number', 'start_value' => 0, 'target_value' => 10]),
        ];
        $area = Area::query()->create(['name' => 'Moorings', 'kind' => 'area', 'owner_id' => $mei->id]);
        $project = Made::project($mei, [$goals[1]], ['Prepare', 'At sea'], ['area_id' => $area->id]);
        Made::series($this->people);

        foreach (range(1, 4) as $number) {
            Made::task($mei, ['title' => "Task $number", 'project_id' => $project->id]);
        }

        Made::task($mei, ['title' => 'Done last week', 'project_id' => $project->id, 'done_on' => '2027-02-03', 'minutes' => 90]);
        Made::task($noor, ['title' => 'Done in January', 'done_on' => '2027-01-13', 'minutes' => 60]);
    }

    /** One of them does something: which, and what was answered. */
    public function step(?Person $only = null): string
    {
        $who = $only ?? $this->one($this->people);
        self::pause();
        $this->test->actingAs($who->fresh() ?? $who);
        $kinds = $only === null ? self::KINDS : array_values(array_diff(self::KINDS, self::NOT_ALONE));
        $kind = $this->one($kinds);

        $answer = $this->ask($kind);
        session()->forget('errors');

        return "$kind by $who->name: {$answer->getStatusCode()}";
    }

    /** Nobody writes more than once a second. */
    public static function pause(): void
    {
        Carbon::setTestNow(Carbon::now()->addSecond());
    }

    private function ask(string $kind): TestResponse
    {
        $goal = $this->any(Goal::class);
        $task = $this->any(Task::class);
        $project = $this->any(Project::class);

        return match ($kind) {
            'set' => $this->test->post('/goals', [
                'title' => $this->words(),
                'period' => $this->one(self::PERIODS),
                'measure' => 'work',
                'parent' => $this->perhaps($goal),
            ]),
            'hang' => $this->change($goal, ['parent' => $this->perhaps($this->any(Goal::class))]),
            'reword' => $this->change($goal, ['title' => $this->words()]),
            'hide' => $this->change($goal, ['visibility' => $this->one(['everyone', 'only_me'])]),
            'begin' => $this->test->post('/projects', [
                'title' => $this->words(),
                'stages' => [['name' => 'One']],
                'goals' => [$goal],
                'due' => $this->one(['', '2027-03-31']),
            ]),
            'end' => $this->test->put("/projects/$project/close", ['how' => $this->one(['done', 'dropped'])]),
            'add' => $this->test->post('/tasks', ['title' => $this->words(), 'project' => $this->perhaps($project)]),
            'tick' => $this->test->put("/tasks/$task/tick", ['done' => $this->chance->getInt(0, 2) > 0]),
            'plan' => $this->test->put("/tasks/$task/plan", ['planned' => $this->one(['', '2027-W06', '2027-02-12', '2027-W53'])]),
            'wait' => $this->test->put("/tasks/$task/after", ['after' => [$this->any(Task::class)]]),
            'move' => $this->test->put("/tasks/$task/place", [
                'stage' => $this->any(Stage::class),
                'position' => $this->chance->getInt(0, 3),
            ]),
            'shelve' => $this->test->put("/tasks/$task/aside", ['how' => $this->one(['shelve', 'drop', 'restore'])]),
            'weigh' => $this->test->put("/tasks/$task", ['weight' => $this->chance->getInt(-1, 5)]),
            'close' => $this->test->post("/goals/$goal/close", $this->closing()),
            'reopen' => $this->test->post("/goals/$goal/reopen"),
            'read' => $this->test->post("/goals/$goal/readings", [
                'value' => (string) $this->chance->getInt(-5, 20),
                'on' => '2027-02-0'.$this->chance->getInt(1, 9),
            ]),
            'say' => $this->test->post("/goals/$goal/comments", ['words' => $this->words()]),
            'raise' => $this->test->post('/series/'.Series::query()->value('id').'/issues', [
                'title' => $this->words(),
                'need' => 'decision',
                'rank' => $this->one(['A', 'B', 'C']),
                'goal' => $this->perhaps($goal),
            ]),
            'withdraw' => $this->test->delete('/issues/'.$this->any(Issue::class)),
            'undo' => $this->test->post('/undo'),
            default => $this->test->post('/redo'),
        };
    }

    /** @param array<string, mixed> $fields */
    private function change(int $goal, array $fields): TestResponse
    {
        $record = Goal::query()->findOrFail($goal);

        return $this->test->put("/goals/$goal", [
            'title' => $record->title,
            'period' => $record->period,
            'measure' => $record->measure->value,
            'parent' => $record->parent_id,
            ...$fields,
        ]);
    }

    /** @return array<string, mixed> */
    private function closing(): array
    {
        return match ($this->chance->getInt(0, 3)) {
            0 => ['result' => 'met', 'score' => '100', 'line' => 'All of it'],
            1 => ['result' => 'in_part', 'score' => (string) $this->chance->getInt(0, 100), 'rest' => 'dropped'],
            2 => ['result' => 'not_met', 'rest' => 'carried', 'period' => '2027-Q2'],
            default => ['result' => 'not_met', 'rest' => $this->one(['shelved', 'dropped'])],
        };
    }

    /** @param class-string<Goal|Project|Task|Stage|Issue> $kind */
    private function any(string $kind): int
    {
        $keys = $kind::query()->orderBy('id')->pluck('id')->all();

        return $keys === [] ? 0 : $this->one($keys);
    }

    private function perhaps(int $key): ?int
    {
        return $this->chance->getInt(0, 2) === 0 ? null : $key;
    }

    private function words(): string
    {
        return $this->one(['Moorings', 'Calm water', 'Ten buoys', 'The lee side']).' '.$this->chance->getInt(1, 99);
    }

    /**
     * @template T
     *
     * @param non-empty-list<T> $from
     *
     * @return T
     */
    private function one(array $from): mixed
    {
        return $from[$this->chance->getInt(0, count($from) - 1)];
    }
}
