<?php

declare(strict_types=1);

use App\Actions\Day\BeginDay;
use App\Models\Person;
use App\Models\Role;
use Illuminate\Routing\Route as RegisteredRoute;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route;
use Tests\Feature\Made;
use Tests\Feature\Workspaces;

/** How a question is answered: whether the person may ask it, whatever is wrong with what they sent. */
function answer(RegisteredRoute $route, ?Person $who, array $records): string
{
    $address = preg_replace_callback(
        '/\{(\w+)\??\}/',
        static fn(array $name): string => (string) ($records["{$route->getName()} $name[1]"] ?? ($records[$name[1]] ?? 1)),
        $route->uri(),
    );
    DB::beginTransaction();
    Auth::forgetGuards();

    if ($who !== null) {
        test()->actingAs($who->fresh());
    }

    $response = test()->call($route->methods()[0], "/$address");
    DB::rollBack();

    return match (true) {
        $response->getStatusCode() === 403 => 'no',
        $response->getStatusCode() === 404 => 'not there',
        $response->isRedirect(url('/sign-in')) && $who === null => 'sign in',
        default => 'yes',
    };
}

/** @return array<string, string> lines of the table, by what is asked: every route as a stranger, a member, the owner and a lead find it */
function rights(): array
{
    Made::workspace();
    $owner = Made::person(Role::Member, 'Owner');
    $who = [null, Made::person(Role::Member, 'Member'), $owner, Made::person(Role::Lead, 'Lead')];
    $records = Workspaces::full($owner);
    app(BeginDay::class)();
    $lines = [];

    foreach (Route::getRoutes()->getRoutes() as $route) {
        if (in_array('auth', $route->gatherMiddleware(), true)) {
            $asked = "{$route->methods()[0]} /".ltrim($route->uri(), '/');
            $lines[$asked] =
                "| `$asked` | ".
                implode(' | ', array_map(static fn(?Person $person): string => answer($route, $person, $records), $who)).
                ' |';
        }
    }

    ksort($lines);

    return $lines;
}

it('lets everybody do what docs/rights.md says, and nothing else', function (): void {
    preg_match_all('/^\| `((?:GET|POST|PUT|DELETE) [^`]+)` \|.*\|$/m', (string) file_get_contents(base_path('docs/rights.md')), $written);

    expect(array_combine($written[1], $written[0]))->toEqual(rights());
});

it('asks for a right before it looks at what was sent, on every route that changes something', function (): void {
    $open = [
        'sign-out',
        'undo',
        'undo.all',
        'undo.last',
        'redo',
        'jots.store',
        'jots.many',
        'areas.jot',
        'contacts.store',
        'goals.store',
        'goals.preview-new',
        'closing.store',
        'closing.preview',
        'updates.read',
        'account.dates',
        'notifications.choose',
        'log-lines.store',
        'focus-sessions.store',
        'habits.store',
        'evening.answer',
        'evening.add',
        'evening.ask',
        'evening.remove',
        'appointments.store',
        'absences.store',
        'catch-up.finish',
        'protected-hours.store',
        'week.line',
        'return-dates.store',
        'saved.store',
        'lists.hand-on',
        'decisions.store',
        'points.store',
        'series.store',
        'projects.store',
        'templates.store',
        'templates.update',
        'templates.begin',
        'projects.template',
        'reviews.answer',
        'reviews.judge',
        'reviews.share',
        'reviews.tie',
        'findings.keep',
        'worth-telling.mark',
        'reports.store',
        'retrospectives.store',
        'review-questions.store',
        'review-questions.arrange',
        'review-questions.rest',
        'review-questions.destroy',
        'reviews.hold',
        'reviews.reopen',
        'tasks.store',
        'tasks.many',
        'recurring-tasks.store',
        'recurring-tasks.take',
        'shelf.store',
        'planning.step',
        'sign-in.store',
        'forgotten.send',
        'access.accept',
        'workspace.start',
        'account.password',
        'account.end',
    ];
    $unasked = array_filter(
        Route::getRoutes()->getRoutes(),
        static fn(RegisteredRoute $route): bool => ! in_array('GET', $route->methods(), true) &&
            in_array('web', $route->gatherMiddleware(), true) &&
            array_filter(
                $route->gatherMiddleware(),
                static fn(mixed $middleware): bool => is_string($middleware) && str_contains($middleware, 'can:'),
            ) === [],
    );

    expect(array_values(array_diff(array_map(static fn(RegisteredRoute $route): ?string => $route->getName(), $unasked), $open)))->toBe([]);
});

it('answers what is hidden as what is missing, to the letter', function (bool $asJson): void {
    Made::workspace();
    $owner = Made::person();
    $goal = Made::goal($owner, '2027', ['visibility' => 'only_me']);
    $series = Made::series([$owner], ['is_private' => true]);
    $this->actingAs(Made::person(Role::Lead));
    $ask = function (string $method, string $address) use ($asJson): array {
        $response = $asJson ? $this->json($method, $address) : $this->call($method, $address);
        $body = (string) preg_replace(
            '/"(stamp|version|url)":"[^"]*"|_token[^>]*|[a-f0-9-]{36}|\/(goals|series|tasks)\/\d+/',
            '',
            html_entity_decode((string) $response->getContent()),
        );

        return [$response->getStatusCode(), $body];
    };

    $asked = [
        ['GET', '/goals/*'],
        ['PUT', '/goals/*'],
        ['POST', '/goals/*/close'],
        ['POST', '/goals/*/comments'],
        ['GET', '/goals/*/figure'],
    ];

    foreach ($asked as [$method, $address]) {
        expect($ask($method, str_replace('*', (string) $goal->id, $address)))->toBe(
            $ask($method, str_replace('*', '999999', $address)),
            "$method $address",
        );
    }

    foreach ([['GET', '/series/*'], ['PUT', '/series/*'], ['POST', '/series/*/issues']] as [$method, $address]) {
        expect($ask($method, str_replace('*', (string) $series->id, $address)))->toBe(
            $ask($method, str_replace('*', '999999', $address)),
            "$method $address",
        );
    }
})->with(['as a page' => false, 'as JSON' => true]);

it('gives each address a name of its own, by which the screens find it', function (): void {
    $names = array_filter(array_map(static fn($route): ?string => $route->getName(), Route::getRoutes()->getRoutes()));

    expect(array_values(array_diff_key($names, array_unique($names))))->toBe([]);
});
