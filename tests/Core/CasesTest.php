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

it('computes the published case', function (string $plan, string $expected): void {
    $wanted = json_decode((string) file_get_contents($expected), true, 64, JSON_THROW_ON_ERROR);
    $result = Plans::computeJson((string) file_get_contents($plan), $wanted['as_of']);

    expect(plain($result))->toEqual(plain($wanted));
})->with('cases');

it('finds the published cases', function (): void {
    expect(glob(dirname(__DIR__).'/cases/*.plan.json'))->toHaveCount(20);
});
