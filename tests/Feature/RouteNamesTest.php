<?php

declare(strict_types=1);

use App\Console\RoutesOfTheFrontEnd;
use App\Models\Record;
use App\Providers\RouteParametersProvider;
use Illuminate\Support\Facades\Route;
use Tighten\Ziggy\Ziggy;

/**
 * @return iterable<array{string, string, ?list<string>}> where the front end asks for an address, by what name, and which
 *                                                        parameters it names; null where they are not named
 */
function askedAddresses(): iterable
{
    foreach (filesIn('resources/js') as $file) {
        if (str_contains($file, '/generated/') || preg_match('/\.tsx?$/', $file) !== 1) {
            continue;
        }

        $call = "/\\broute\\(\\s*'([a-z][\\w.-]*)'(?:,\\s*(\\{(?:[^{}]|\\{[^{}]*\\})*\\}|[^)]+))?/";
        preg_match_all($call, (string) file_get_contents($file), $found, PREG_SET_ORDER);

        foreach ($found as $one) {
            $given = trim($one[2] ?? '');
            $names = array_map(
                static fn(string $part): string => trim(explode(':', $part)[0]),
                explode(',', (string) preg_replace('/\{[^{}]*\}/', '', trim($given, '{} '))),
            );
            $isNamed = $given === '' || str_starts_with($given, '{');
            yield [basename($file), $one[1], $isNamed ? array_values(array_diff($names, ['', '_query'])) : null];
        }
    }
}

it('is asked for every address by a name that there is, with all of its parameters', function (): void {
    $wrong = [];
    $asked = 0;

    foreach (askedAddresses() as [$file, $name, $given]) {
        $route = Route::getRoutes()->getByName($name);
        $asked++;

        if ($route === null) {
            $wrong[] = "$file: there is no route $name";
            continue;
        }

        preg_match_all('/\{(\w+)\}/', $route->uri(), $needed);

        foreach (array_diff($needed[1], $given ?? $needed[1]) as $missing) {
            $wrong[] = "$file: $name is asked for without $missing";
        }
    }

    expect($wrong)->toBe([])->and($asked)->toBeGreaterThan(300);
});

it('takes only numbers for records, so that no database is asked for what is none', function (): void {
    $open = [];

    foreach (Route::getRoutes()->getRoutes() as $route) {
        foreach ($route->signatureParameters(['subClass' => Record::class]) as $parameter) {
            $name = $parameter->getName();
            $pattern = $route->wheres[$name] ?? null;

            if (in_array($name, $route->parameterNames(), true) && $pattern !== RouteParametersProvider::NUMBER) {
                $open[] = "{$route->getName()}: $name";
            }
        }
    }

    expect($open)->toBe([]);
});

it('gives the front end every named route, with the patterns of its own parameters alone', function (): void {
    $written = (string) new RoutesOfTheFrontEnd(new Ziggy());
    $given = json_decode(rtrim(str_replace('export const Ziggy = ', '', $written), ";\n"), true, flags: JSON_THROW_ON_ERROR)['routes'];
    $expected = [];

    foreach (Route::getRoutes()->getRoutesByName() as $name => $route) {
        $expected[$name] = array_intersect_key($route->wheres, array_flip($route->parameterNames()));
    }

    unset($expected['up'], $expected['storage.local'], $expected['storage.local.upload']);

    expect(array_map(static fn(array $route): array => $route['wheres'] ?? [], $given))->toEqual($expected);
});
