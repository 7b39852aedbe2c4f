<?php

declare(strict_types=1);

/** What every page loads first, compressed, in bytes. */
const FIRST_LOAD = 180_000;

/** @return list<string> the files that come with one of the front end's own, by what it brings in at once */
function loadedWith(string $source): array
{
    $manifest = json_decode((string) file_get_contents(dirname(__DIR__, 2).'/public/build/manifest.json'), true, 16, JSON_THROW_ON_ERROR);
    $found = [];
    $ahead = [$source];

    while ($ahead !== []) {
        $next = array_pop($ahead);

        if (! isset($found[$next])) {
            $found[$next] = $manifest[$next]['file'];
            array_push($ahead, ...$manifest[$next]['imports'] ?? []);
        }
    }

    return array_values($found);
}

it('is small when it is loaded first', function (): void {
    $bytes = array_map(
        static fn(string $file): int => strlen((string) gzencode((string) file_get_contents(dirname(__DIR__, 2)."/public/build/$file"), 9)),
        loadedWith('resources/js/app.tsx'),
    );

    expect(array_sum($bytes))
        ->toBeLessThan(FIRST_LOAD)
        ->and($bytes)
        ->not->toBe([]);
});

it('loads nothing of a room before it is opened', function (): void {
    $manifest = json_decode((string) file_get_contents(dirname(__DIR__, 2).'/public/build/manifest.json'), true, 16, JSON_THROW_ON_ERROR);
    $pages = array_column(
        array_filter($manifest, static fn(string $source): bool => str_starts_with($source, 'resources/js/pages/'), ARRAY_FILTER_USE_KEY),
        'file',
    );

    expect($pages)
        ->not->toBe([])
        ->and(array_intersect(loadedWith('resources/js/app.tsx'), $pages))
        ->toBe([]);
});
