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
