<?php

declare(strict_types=1);

use Loftrin\Core\Reviews\LiveFigures;
use Random\Engine\Mt19937;
use Random\Randomizer;

it('puts figures where they are asked for, and leaves everything else as it is', function (string $text, string $filled): void {
    expect(LiveFigures::fill($text, static fn(int $goal): string => "<$goal>", 'nine', 'ten hours'))->toBe($filled);
})->with([
    'a goal by its number' => ['We are at {goal 12}.', 'We are at <12>.'],
    'a goal with what it is called' => ['{goal 12: 40 harbours on the new buoy}', '<12>'],
    'several on a line' => ['{goal 1}, {goal 2: b} and {goal 1}', '<1>, <2> and <1>'],
    'what was done' => ['{done} in {hours}', 'nine in ten hours'],
    'other braces' => ['{goals 1} {goal} {goal x} {Done} { done }', '{goals 1} {goal} {goal x} {Done} { done }'],
    'a name that goes over the line' => ["{goal 1: a\nb}", "{goal 1: a\nb}"],
    'a number that is too long' => ['{goal 1234567890}', '{goal 1234567890}'],
    'nothing' => ['', ''],
    'a figure that looks like another' => ['{goal 3: {done}}', '{goal 3: nine}'],
]);

it('names each goal once', function (): void {
    expect(LiveFigures::goals('{goal 7: a} {goal 3} {done} {goal 7}'))
        ->toBe([7, 3])
        ->and(LiveFigures::goals('none'))
        ->toBe([]);
});

it('finds again whatever goal it wrote down, however it is called', function (): void {
    $random = new Randomizer(new Mt19937(7));
    $signs = ['{', '}', "\n", ':', 'a', ' ', '9', '\\', '*', 'ø'];

    for ($round = 0; $round < 300; $round++) {
        $id = $random->getInt(1, 999_999_999);
        $title = '';

        for ($length = $random->getInt(0, 30); $length > 0; $length--) {
            $title .= $signs[$random->getInt(0, count($signs) - 1)];
        }

        $written = LiveFigures::goal($id, $title);

        expect(LiveFigures::goals($written))
            ->toBe([$id])
            ->and(LiveFigures::fill("a $written b", static fn(int $goal): string => (string) $goal, '', ''))
            ->toBe("a $id b");
    }
});

it('writes a goal down with its title on one line, without braces', function (): void {
    expect(LiveFigures::goal(12, " 40 {harbours}\n on the new buoy "))->toBe('{goal 12: 40 harbours on the new buoy}');
});
