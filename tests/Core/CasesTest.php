<?php

declare(strict_types=1);

use Tests\Core\Plans;

/** The published cases: beside the project where they are given, otherwise the copy that ships with it. */
dataset('cases', function (): iterable {
    $shared = dirname(__DIR__, 3).'/shared/cases';

    foreach (glob((is_dir($shared) ? $shared : dirname(__DIR__).'/cases').'/*.plan.json') ?: [] as $file) {
        yield basename($file, '.plan.json') => [$file, str_replace('.plan.json', '.expected.json', $file)];
    }
});

/** Numbers are compared as numbers, so that 1 and 1.0 are the same. */
function plain(mixed $value): mixed
{
    return match (true) {
        is_array($value) => array_map(plain(...), $value),
        is_int($value) => (float) $value,
        default => $value,
    };
}

/** What is named in what is wanted, as it was computed: a case says what must be so, and further fields are free. */
function named(mixed $result, mixed $wanted): mixed
{
    if (! is_array($wanted) || ! is_array($result) || array_is_list($wanted) && $wanted !== []) {
        return $result;
    }

    $found = [];

    foreach (array_intersect_key($result, $wanted) as $key => $value) {
        $found[$key] = named($value, $wanted[$key]);
    }

    return $found;
}

it('computes the published case', function (string $plan, string $expected): void {
    $wanted = json_decode((string) file_get_contents($expected), true, 64, JSON_THROW_ON_ERROR);
    $result = Plans::computeJson((string) file_get_contents($plan), $wanted['as_of']);

    expect(plain(named($result, $wanted)))->toEqual(plain($wanted));
})->with('cases');

it('leaves further fields free, and misses none that is named', function (): void {
    expect(named(['a' => 1, 'b' => ['c' => 2, 'd' => [1, 2]]], ['b' => ['d' => [1, 2]]]))
        ->toBe(['b' => ['d' => [1, 2]]])
        ->and(named(['a' => 1], ['a' => 1, 'e' => 3]))
        ->toBe(['a' => 1])
        ->and(named(['d' => [1, 2]], ['d' => [1]]))
        ->toBe(['d' => [1, 2]]);
});

it('finds the published cases', function (): void {
    expect(glob(dirname(__DIR__).'/cases/*.plan.json'))->toHaveCount(20);
});
