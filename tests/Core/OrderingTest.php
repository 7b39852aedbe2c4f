<?php

declare(strict_types=1);

use Loftrin\Core\People\Mentions;
use Loftrin\Core\Work\Ordering;
use Random\Engine\Mt19937;
use Random\Randomizer;

it('gives only the moved one a new position while there is room', function (): void {
    expect(Ordering::place([1 => 64, 2 => 128, 3 => 192], 4, 2))
        ->toBe([4 => 96])
        ->and(Ordering::place([1 => 64, 2 => 128], 3, 1))
        ->toBe([3 => 32])
        ->and(Ordering::place([1 => 64, 2 => 128], 3, null))
        ->toBe([3 => 192])
        ->and(Ordering::place([], 3, null))
        ->toBe([3 => 64]);
});

it('spreads all anew where there is none', function (): void {
    expect(Ordering::place([1 => 1, 2 => 2, 3 => 3], 4, 2))
        ->toBe([1 => 64, 4 => 128, 2 => 192, 3 => 256])
        ->and(Ordering::place([1 => 64, 2 => 65], 3, 2))
        ->toBe([3 => 128, 2 => 192]);
});

it('refuses to go before what is gone', function (): void {
    Ordering::place([1 => 64], 2, 9);
})->throws(InvalidArgumentException::class, 'no longer exists');

it('keeps any order through any moves', function (): void {
    $random = new Randomizer(new Mt19937(7));
    $positions = [1 => 1, 2 => 2, 3 => 3, 4 => 4, 5 => 5];
    $order = [1, 2, 3, 4, 5];

    for ($move = 0; $move < 400; $move++) {
        $moved = $random->getInt(1, 5);
        $others = array_values(array_diff($order, [$moved]));
        $at = $random->getInt(0, 4);
        $of = array_diff_key($positions, [$moved => true]);
        asort($of);
        $positions = Ordering::place($of, $moved, $others[$at] ?? null) + $positions;
        array_splice($others, $at, 0, [$moved]);
        $order = $others;
        asort($positions);

        expect(array_keys($positions))->toBe($order)->and(count(array_unique($positions)))->toBe(5);
    }
});

it('finds who is spoken to', function (string $text, array $ids): void {
    $names = [1 => 'Elif Kaya', 2 => 'Mei Tanaka', 3 => 'Mei Lindqvist', 4 => 'Ana', 5 => 'Bernd Wolff', 6 => 'Bernadette', 7 => 'Ber'];

    expect(Mentions::in($text, $names))->toBe($ids);
})->with([
    'a first name' => ['@elif, have a look', [1]],
    'a whole name' => ['for @Mei Tanaka and @Ana.', [2, 4]],
    'a first name that two have' => ['@Mei, which of you?', []],
    'part of a word' => ['elif@ana.example and @Anatol', []],
    'none' => ['Elif and Ana', []],
    'the beginning of a first name' => ['@eli and @tank', [1]],
    'too little of one' => ['@el', []],
    'a beginning that two have' => ['@Bern, or was it @Berna?', [6]],
    'a whole first name that begins another' => ['@Ber', [7]],
]);

it('finds the mentions as they stand in a text, each once', function (string $text, array $marked): void {
    expect(Mentions::marked($text, [1 => 'Elif Kaya', 2 => 'Mei Tanaka']))->toBe($marked);
})->with([
    ['@Elif Kaya and @elif, then @Elif Kaya again', ['@Elif Kaya', '@elif']],
    ['@mei @Tank and x@elif.example', ['@mei']],
    ['nobody', []],
]);

it('finds everybody who is spoken to by their whole name, among any words, and nobody else', function (): void {
    $names = [1 => 'Elif Kaya', 2 => 'Mei Tanaka', 3 => 'Mei Lindqvist', 4 => 'Ana', 5 => 'Jonah Whitfield', 6 => 'Lucía Herrera'];
    $random = new Randomizer(new Mt19937(5));
    $words = ['the crane', 'at 9', 'x@saltglass.example', '—', 'Mei', 'and', "\n", '@nobody', 'Elif'];

    for ($round = 0; $round < 300; $round++) {
        $spoken = $random->pickArrayKeys($names, $random->getInt(1, 4));
        $pieces = array_map(static fn(int $id): string => '@'.$names[$id].['', ',', '.', ':'][$id % 4], $spoken);

        for ($more = $random->getInt(0, 5); $more > 0; $more--) {
            $pieces[] = $words[$random->getInt(0, 8)];
        }

        $text = implode(' ', $random->shuffleArray($pieces));

        expect(Mentions::in($text, $names))->toBe($spoken, $text)->and(Mentions::marked($text, $names))->toHaveCount(count($spoken));
    }
});
