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
