<?php

declare(strict_types=1);

use App\Actions\Day\BeginDay;
use App\Models\Person;
use App\Models\Role;
use Illuminate\Routing\Route as RegisteredRoute;
use Illuminate\Routing\RouteCollection;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route;
use Tests\Feature\Made;
use Tests\Feature\Prepared;
use Tests\Feature\Workspaces;

/** What no form sends, and anybody can. */
const ABSURD = [
    'an array' => ['a', ['b' => 'c']],
    'nested arrays' => [[[]]],
    'a NUL' => "a\0b",
    'broken UTF-8' => "\xC3\x28",
    'twenty digits' => '99999999999999999999',
    'a negative' => '-1',
    'a fraction' => '1e400',
    'year 1' => '0001-01-01',
    'year 9999' => '9999-12-31',
    'a day that is not' => '2027-02-30',
    'a period of year 9999' => '9999-W52',
    'nothing' => '',
    'null' => null,
    'true' => true,
    'a long text' =>
        'xxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxx'.
        'xxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxx'.
        'xxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxx',
];

/** Every name that a form or an address sends something under. */
const FIELDS = [
    'title',
    'words',
    'lines',
    'period',
    'on',
    'at',
    'why',
    'mark',
    'parent',
    'weight',
    'owner',
    'owner_id',
    'area',
    'scope',
    'group',
    'groups',
    'people',
    'visibility',
    'longTermGoal',
    'quarters',
    'predecessor',
    'measure',
    'start',
    'target',
    'limit',
    'sense',
    'share',
    'unit',
    'checkpoints',
    'result',
    'score',
    'line',
    'rest',
    'titles',
    'returnOn',
    'goals',
    'value',
    'text',
    'last',
    'chance',
    'direction',
    'name',
    'kind',
    'notes',
    'what',
    'email',
    'phone',
    'project',
    'goal',
    'stage',
    'stage_id',
    'before',
    'tasks',
    'after',
    'planned',
    'due_on',
    'minutes',
    'rank',
    'waiting_on',
    'follow_up_on',
    'focus',
    'place',
    'how',
    'done',
    'rule',
    'startsOn',
    'starts_on',
    'time',
    'attendees',
    'standing',
    'isPrivate',
    'context',
    'need',
    'decision',
    'because',
    'by',
    'outcome',
    'summary',
    'wasThere',
    'question',
    'answers',
    'event',
    'delivery',
    'yes',
    'stages',
    'serves',
    'state',
    'order',
    'weighing',
    'dueOn',
    'lastIsDone',
    'collections',
    'named',
    'choices',
    'reason',
    'limits',
    'approach',
    'learned',
    'reached',
    'address',
    'roles',
    'days',
    'steps',
    'conditions',
    'sort',
    'group',
    'shared',
    'perQuarter',
    'template',
    'recurringTasks',
    'file',
    'purpose',
    'isMain',
    'isFirst',
    'who',
    'from',
    'all',
    'more',
    'as',
    'free_time',
    'page',
    'filter',
    'seen',
    'taken',
    'take',
    'list',
    'weeklyHours',
    'role',
    'password',
    'thread',
    'band',
    'status',
    'owners',
    'zoom',
    'current',
    'token',
    'about',
    'answer',
    'appliesFrom',
    'audience',
    'break',
    'constraints',
    'contacts',
    'count',
    'day',
    'early',
    'field',
    'first',
    'heir',
    'horizon',
    'hours',
    'id',
    'intent',
    'isAsked',
    'isClosing',
    'isDone',
    'isPaused',
    'isResting',
    'isShared',
    'isWorth',
    'issues',
    'jots',
    'key',
    'level',
    'movedTo',
    'obstacle',
    'of',
    'per',
    'percent',
    'project_id',
    'questions',
    'rhythm',
    'risks',
    'rounds',
    'series',
    'sign',
    'source',
    'tag',
    'testOn',
    'times',
    'timezone',
    'until',
    'verdict',
    'version',
    'weekdays',
    'whom',
    'with',
];

beforeEach(function (): void {
    [$lead, $this->records] = Prepared::once('a full workspace', static function (): array {
        Made::workspace();
        $lead = Made::person(Role::Lead);
        $records = Workspaces::full($lead);
        app(BeginDay::class)();

        return [$lead->id, $records];
    });
    $this->actingAs(Person::query()->findOrFail($lead));
    // Compiled routes refuse an address that leads nowhere only after a long look at each of them.
    $plain = new RouteCollection();
    array_map($plain->add(...), Route::getRoutes()->getRoutes());
    Route::setRoutes($plain);
});

/** @return list<array{string, string}> methods and addresses of all routes, with a record for each parameter */
function addresses(array $records): array
{
    $found = [];

    foreach (Route::getRoutes()->getRoutes() as $route) {
        /** @var RegisteredRoute $route */
        if (! in_array('web', $route->gatherMiddleware(), true)) {
            continue;
        }

        $address = (string) preg_replace_callback(
            '/\{(\w+)\??\}/',
            static fn(array $name): string => (string) ($records["{$route->getName()} $name[1]"] ?? ($records[$name[1]] ?? 1)),
            $route->uri(),
        );
        $found[] = [$route->methods()[0], "/$address"];
    }

    return $found;
}

/** How a question broke down; null when it was answered, whatever the answer. */
function breakdown(string $method, string $address, array $fields = []): ?string
{
    DB::beginTransaction();

    try {
        // As the screens ask: what is wrong with a change is said in a sentence, without a page around it.
        test()->call($method, $address, $fields, server: $method === 'GET' ? [] : ['HTTP_X_INERTIA' => 'true']);

        return null;
    } catch (Throwable $reason) {
        return "$method $address: ".
            $reason::class.
            " {$reason->getMessage()} at ".
            basename($reason->getFile()).
            ":{$reason->getLine()}";
    } finally {
        DB::rollBack();
    }
}

it('answers no absurd value with a breakdown, on any route', function (mixed $value): void {
    $asked = array_filter(addresses($this->records), static fn(array $route): bool => $route[1] !== '/sign-out');
    $broken = array_map(static fn(array $route): ?string => breakdown($route[0], $route[1], array_fill_keys(FIELDS, $value)), $asked);

    expect(array_values(array_filter($broken)))->toBe([]);
})->with(array_map(static fn(mixed $value): array => [$value], ABSURD));

it('answers no absurd address with a breakdown', function (string $value): void {
    $broken = [];

    foreach (Route::getRoutes()->getRoutes() as $route) {
        if (str_contains($route->uri(), '{') && in_array('web', $route->gatherMiddleware(), true)) {
            $broken[] = breakdown($route->methods()[0], '/'.preg_replace('/\{\w+\??\}/', rawurlencode($value), $route->uri()));
        }
    }

    expect(array_values(array_filter($broken)))->toBe([]);
})->with([
    '99999999999999999999',
    '-1',
    '0',
    'x',
    "a\0b",
    '0001-W01',
    '9999-W52',
    '9999',
    '0001',
    '9999-Q4',
    '2027-W54',
    '2027-13',
    '9999-12-31',
    '2027-W06+9',
    '%',
    '../..',
    '[]',
]);
