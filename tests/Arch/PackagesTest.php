<?php

declare(strict_types=1);

use Composer\Autoload\ClassLoader;
use Composer\InstalledVersions;

/** @return list<string> packages whose classes the PHP files of the folders use */
function usedPackages(string ...$folders): array
{
    $used = [];
    $loaders = ClassLoader::getRegisteredLoaders();

    foreach (filesIn(...$folders) as $file) {
        preg_match_all('/^use ([A-Z]\w+\\\\[\w\\\\]+)/m', (string) file_get_contents($file), $names);

        foreach ($names[1] as $name) {
            foreach ($loaders as $loader) {
                $home = (string) realpath((string) $loader->findFile($name));

                if (preg_match('#/vendor/([^/]+/[^/]+)/#', $home, $package) === 1) {
                    $used[] = $package[1];
                }
            }
        }
    }

    return array_values(array_unique($used));
}

/** @return array<string, string> constraints by package */
function declaredPackages(string $key): array
{
    return array_filter(
        json_decode((string) file_get_contents(dirname(__DIR__, 2).'/composer.json'), true)[$key],
        static fn(string $name): bool => str_contains($name, '/'),
        ARRAY_FILTER_USE_KEY,
    );
}

it('declares every package it uses, and uses every package it declares', function (): void {
    $used = usedPackages('app', 'core', 'config', 'bootstrap', 'routes', 'database');

    expect(array_values(array_diff($used, array_keys(declaredPackages('require')))))
        ->toBe([])
        ->and(array_values(array_diff(array_keys(declaredPackages('require')), $used)))
        ->toBe([]);
});

it('is installed with the versions that composer.versions lists', function (): void {
    exec(dirname(__DIR__, 2).'/bin/versions 2>&1', $lines, $status);

    expect($lines)->toBe([])->and($status)->toBe(0);
});

it('lists no version that composer.json would refuse', function (): void {
    foreach (array_keys(declaredPackages('require') + declaredPackages('require-dev')) as $package) {
        expect((string) file_get_contents(dirname(__DIR__, 2).'/composer.versions'))->toContain(
            "$package ".InstalledVersions::getPrettyVersion($package),
        );
    }
});
