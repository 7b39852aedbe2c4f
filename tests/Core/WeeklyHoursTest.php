<?php

declare(strict_types=1);

use Loftrin\Core\Capture\WeeklyHours;

it('reads the hours of a week at the end of a main effort', function (string $typed, string $title, ?float $hours): void {
    $read = WeeklyHours::in($typed);

    expect([$read->title, $read->hours])->toBe([$title, $hours]);
})->with([
    ['Visit harbours, 6 h a week', 'Visit harbours', 6.0],
    ['Calls 6h/week', 'Calls', 6.0],
    ['Write the handbook (1 h 30 a week)', 'Write the handbook', 1.5],
    ['Anchor trials – 2,5 hours per week.', 'Anchor trials', 2.5],
    ['Calls, 1 h 20 min each week', 'Calls', 1.3],
    ['Test the 24 h battery', 'Test the 24 h battery', null],
    ['Keep the line open 24 h', 'Keep the line open 24 h', null],
    ['Talk, 90 h a week', 'Talk, 90 h a week', null],
    ['Nothing, 0 h a week', 'Nothing, 0 h a week', null],
    ['6 h a week', '6 h a week', null],
]);
