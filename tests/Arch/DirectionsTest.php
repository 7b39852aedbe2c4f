<?php

declare(strict_types=1);

/**
 * Which rooms of a floor may use which: each only those named before it. What two rooms share stands in one that comes before
 * both. The picture of it is in CONTRIBUTING.
 */
const ORDER = [
    'core' => ['Loftrin\\Core', ['Calendar', 'Capture', 'Day', 'People', 'Reviews', 'Work', 'Goals', 'Hours', 'Meetings', 'PlanFile']],
    'app/Actions' => [
        'App\\Actions',
        ['Parts', 'Week', 'Projects', 'Shelf', 'Goals', 'Direction', 'Meetings', 'People', 'Capture', 'Reviews', 'Day', 'Undo'],
    ],
    'app/Queries' => [
        'App\\Queries',
        [
            ...['Plan', 'Parts', 'Meetings', 'Hours', 'Goals', 'Week', 'Lists'],
            ...['Projects', 'People', 'Reviews', 'Direction', 'Capture', 'Day', 'Calendar'],
        ],
    ],
];

/** @return list<string> "Week/AddTask.php uses Projects", where Projects comes after Week */
function wrongWays(string $floor): array
{
    [$namespace, $order] = ORDER[$floor];
    $found = [];

    foreach ($order as $place => $room) {
        foreach (filesIn("$floor/$room") as $file) {
            preg_match_all('/'.preg_quote($namespace, '/').'\\\\(\w+)\\\\/', (string) file_get_contents($file), $used);

            foreach (array_unique($used[1]) as $other) {
                if (array_search($other, $order, true) > $place) {
                    $found[] = "$room/".basename($file)." uses $other";
                }
            }
        }
    }

    return $found;
}

it('goes one way round between the rooms of a floor', function (string $floor): void {
    expect(wrongWays($floor))->toBe([]);
})->with(array_keys(ORDER));

it('knows every room of a floor', function (string $floor): void {
    $rooms = array_map(basename(...), glob(dirname(__DIR__, 2)."/$floor/*", GLOB_ONLYDIR) ?: []);
    expect($rooms)->toEqualCanonicalizing(ORDER[$floor][1]);
})->with(array_keys(ORDER));

it('has the same order in its picture', function (string $floor): void {
    $picture = (string) file_get_contents(dirname(__DIR__, 2).'/CONTRIBUTING.md');
    preg_match('/^'.preg_quote($floor, '/').'  +(.+)$/m', $picture, $line);
    expect(explode(' → ', $line[1] ?? ''))->toBe(ORDER[$floor][1]);
})->with(array_keys(ORDER));

/** The same on the screen: rooms of parts, and no file that leads round to itself. */
const PARTS = [
    ...['signs', 'figure', 'fields', 'task', 'capture', 'recurring', 'beside', 'goals', 'direction', 'planning', 'meetings'],
    ...['projects', 'register', 'template', 'year', 'reviews', 'day', 'people', 'week', 'lists', 'frame'],
];

/** @return array<string, list<string>> what each file of the front end brings in of the others, by path */
function broughtIn(): array
{
    $root = dirname(__DIR__, 2).'/resources/js';
    $files = [];

    foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator($root, FilesystemIterator::SKIP_DOTS)) as $file) {
        if (preg_match('/\.tsx?$/', $file->getFilename()) === 1) {
            preg_match_all("/(?:from|import)\s*\(?\s*'(\.[^']+)'/", (string) file_get_contents($file->getPathname()), $paths);
            $files[substr($file->getPathname(), strlen($root) + 1)] = array_map(
                static fn(string $path): string => normalized(dirname(substr($file->getPathname(), strlen($root) + 1)).'/'.$path),
                $paths[1],
            );
        }
    }

    return array_map(
        static fn(array $paths): array => array_values(
            array_filter(
                array_map(
                    static fn(string $path): string => array_values(
                        array_filter(["$path.tsx", "$path.ts"], static fn(string $name): bool => isset($files[$name])),
                    )[0] ?? '',
                    $paths,
                ),
            ),
        ),
        $files,
    );
}

function normalized(string $path): string
{
    $parts = [];

    foreach (explode('/', $path) as $part) {
        match ($part) {
            '.', '' => null,
            '..' => array_pop($parts),
            default => $parts[] = $part,
        };
    }

    return implode('/', $parts);
}

it('goes one way round between the rooms of parts', function (): void {
    $wrong = [];
    $room = static fn(string $file): int|false => str_starts_with($file, 'parts/')
        ? array_search(explode('/', $file)[1], PARTS, true)
        : false;

    foreach (broughtIn() as $file => $others) {
        foreach ($others as $other) {
            if ($room($file) !== false && ($room($other) !== false ? $room($other) > $room($file) : str_starts_with($other, 'pages/'))) {
                $wrong[] = "$file uses $other";
            }
        }
    }

    expect($wrong)
        ->toBe([])
        ->and(array_map(basename(...), glob(dirname(__DIR__, 2).'/resources/js/parts/*') ?: []))
        ->toEqualCanonicalizing(PARTS);
    preg_match('/^parts  +(.+)$/m', (string) file_get_contents(dirname(__DIR__, 2).'/CONTRIBUTING.md'), $line);
    expect(explode(' → ', $line[1] ?? ''))->toBe(PARTS);
});

it('has no circle of files in the front end', function (): void {
    $files = broughtIn();
    $left = $files;

    // What brings in nothing that is left is taken away, until only circles are left.
    do {
        $before = count($left);
        $left = array_filter($left, static fn(array $others): bool => array_intersect($others, array_keys($left)) !== []);
    } while (count($left) < $before);

    expect(array_keys($left))->toBe([]);
});
