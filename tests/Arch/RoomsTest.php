<?php

declare(strict_types=1);

/** The rooms, by the names that they have on every floor. */
const ROOMS = ['capture', 'day', 'direction', 'goals', 'lists', 'meetings', 'people', 'projects', 'reviews', 'week'];

/** What else has a folder of its own on a floor, and is no room. */
const BESIDES = [
    'core' => ['calendar', 'hours', 'planfile', 'work'],
    'app/Actions' => ['parts', 'shelf', 'undo'],
    'app/Queries' => ['calendar', 'hours', 'parts', 'plan'],
    'app/Http/Controllers' => [],
    'resources/js/pages' => [],
    'resources/js/parts' => [
        ...['beside', 'fields', 'figure', 'frame', 'planning', 'recurring', 'register', 'signs', 'task', 'template', 'year'],
    ],
];

it('names its rooms alike on every floor', function (string $floor): void {
    $folders = array_map(
        static fn(string $folder): string => strtolower(basename($folder)),
        glob(dirname(__DIR__, 2)."/$floor/*", GLOB_ONLYDIR) ?: [],
    );

    expect(array_values(array_diff($folders, ROOMS, BESIDES[$floor])))
        ->toBe([])
        ->and(array_values(array_diff(BESIDES[$floor], $folders)))
        ->toBe([]);
})->with(array_keys(BESIDES));

it('has routes for each room, and one file for each', function (): void {
    expect(array_map(static fn(string $file): string => basename($file, '.php'), glob(dirname(__DIR__, 2).'/routes/*.php') ?: []))->toBe(
        ROOMS,
    );
});

it('has a page for each that a controller shows, and for each that belongs to a room', function (): void {
    $root = dirname(__DIR__, 2);
    $sources = implode('', array_map(file_get_contents(...), glob("$root/app/Http/{,*/,*/*/}*.php", GLOB_BRACE) ?: []));
    preg_match_all("/Inertia::render\(\s*'([^']+)'/", $sources, $shown);
    preg_match_all("/'([a-z]+\/[A-Za-z]*)'/", (string) file_get_contents("$root/resources/js/lib/rooms.ts"), $belonging);
    $missing = array_filter(
        [...$shown[1], ...array_filter($belonging[1], static fn(string $page): bool => ! str_starts_with($page, '.'))],
        static fn(string $page): bool => glob("$root/resources/js/pages/$page*.tsx") === [],
    );

    expect($shown[1])->not->toBe([])->and(array_values($missing))->toBe([]);
});
