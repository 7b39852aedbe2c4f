<?php

declare(strict_types=1);

use Loftrin\Core\Work\Template\Change;
use Loftrin\Core\Work\Template\Piece;

it('says what came, went and is otherwise', function (): void {
    $taken = [
        new Piece(id: 1, title: 'Survey', stage: 'Before', role: 'Crew', day: 2, minutes: 30, steps: ['Ask', 'Look']),
        new Piece(2, 'Moor'),
        new Piece(3, 'Fetch'),
    ];
    $now = [
        new Piece(4, 'Pack'),
        new Piece(id: 1, title: 'Survey', stage: 'Before', role: 'Crew', day: 3, minutes: 45, steps: ['Ask', 'Measure']),
        new Piece(2, 'Moor'),
    ];
    [$new, $changed, $gone] = Change::between($taken, $now);

    expect($new->isNew())
        ->toBeTrue()
        ->and($new->is?->title)
        ->toBe('Pack')
        ->and($changed->fields)
        ->toBe(['day', 'minutes', 'steps'])
        ->and($changed->stepsAdded())
        ->toBe(['Measure'])
        ->and($changed->stepsRemoved())
        ->toBe(['Look'])
        ->and($gone->isGone())
        ->toBeTrue()
        ->and($gone->id)
        ->toBe(3);
});

it('says nothing where all is the same, in whatever order', function (): void {
    $pieces = [new Piece(id: 1, title: 'Survey', stage: 'Before', role: 'Crew', day: 2, minutes: 30, steps: ['Ask']), new Piece(2, 'Moor')];
    $kept = array_map(fn(Piece $piece): Piece => Piece::of($piece->kept()), array_reverse($pieces));

    expect(Change::between($kept, $pieces))->toBe([]);
});

it('names each field that differs', function (Piece $now, string $field): void {
    expect(Change::between([new Piece(1, 'Survey')], [$now])[0]->fields)->toBe([$field]);
})->with([
    [new Piece(1, 'Survey the quay'), 'title'],
    [new Piece(1, 'Survey', stage: 'Before'), 'stage'],
    [new Piece(1, 'Survey', role: 'Crew'), 'role'],
    [new Piece(1, 'Survey', day: 0), 'day'],
    [new Piece(1, 'Survey', minutes: 5), 'minutes'],
    [new Piece(1, 'Survey', steps: ['Ask']), 'steps'],
]);

it('tells what is asked about from what was left on purpose', function (): void {
    $was = new Piece(1, 'Survey');
    $is = new Piece(1, 'Survey the berth');
    $left = fn(array $left): array => array_map(
        static fn(Change $change): bool => $change->isLeft,
        Change::between([$was, new Piece(2, 'Gone')], [$is, new Piece(3, 'New')], $left),
    );

    expect($left([]))
        ->toBe([false, false, false])
        ->and($left([1 => $is, 2 => null, 3 => new Piece(3, 'New')]))
        ->toBe([true, true, true])
        // Another change since then is asked about.
        ->and($left([1 => new Piece(1, 'Look at the berth'), 2 => new Piece(2, 'Gone'), 3 => null]))
        ->toBe([false, false, false]);
});

it('says which tasks come before by now, in whatever order they are named', function (): void {
    $was = new Piece(1, 'Survey', after: [2, 3]);

    expect(Change::between([$was], [new Piece(1, 'Survey', after: [3, 2])]))->toBe([]);
    [$change] = Change::between([$was], [new Piece(1, 'Survey', after: [3, 4])]);
    expect([$change->fields, $change->afterAdded(), $change->afterRemoved()])->toBe([['after'], [4], [2]]);
});

it('reads a piece that was kept before tasks of templates depended on each other', function (): void {
    $kept = (new Piece(1, 'Survey', 'Before', 'Crew', 3, 60, ['Ask'], [2]))->kept();

    expect(Piece::of($kept)->kept())->toBe($kept);
    unset($kept['after']);
    expect(Piece::of($kept)->after)->toBe([]);
});
