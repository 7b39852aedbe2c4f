<?php

declare(strict_types=1);

use Loftrin\Core\Calendar\Horizon;
use Loftrin\Core\Reviews\AskedQuestion;
use Loftrin\Core\Reviews\FindingLevel;
use Loftrin\Core\Reviews\Question;
use Loftrin\Core\Reviews\QuestionBank;

$keys = static fn(array $bank): array => array_map(static fn(AskedQuestion $asked): string => $asked->key, $bank);

it('asks what comes with a review, one question for each role, and one’s own', function () use ($keys): void {
    $bank = QuestionBank::of(Horizon::Week, ['role-3' => 'founder'], ['own-a' => 'Did I read?'], [], []);

    expect($keys($bank))
        ->toBe(['moved', 'still', 'surprised', 'differently', 'role-3', 'own-a'])
        ->and($bank[4]->words)
        ->toBe('As founder')
        ->and([$bank[4]->isOwn, $bank[5]->isOwn])
        ->toBe([false, true]);
});

it('keeps the places given, leaves what has none where it comes and forgets what is gone', function () use ($keys): void {
    $bank = QuestionBank::of(
        Horizon::Month,
        [],
        ['own-a' => 'A', 'own-b' => 'B'],
        ['own-b' => 1, 'role-9' => 2, 'differently' => 1, 'carried' => 9],
        ['own-b', 'gone'],
    );

    expect($keys($bank))
        ->toBe(['differently', 'own-b', 'learned', 'own-a', 'carried'])
        ->and(array_map(static fn(AskedQuestion $asked): bool => $asked->isResting, $bank))
        ->toBe([false, true, false, false, false]);
});

it('asks roles in the week alone', function () use ($keys): void {
    foreach ([Horizon::Month, Horizon::Quarter, Horizon::Year] as $horizon) {
        expect($keys(QuestionBank::of($horizon, ['role-3' => 'founder'], [], [], [])))->toBe(
            array_map(static fn(Question $question): string => $question->value, Question::of($horizon)),
        );
    }
});

it('has words for every question, and none twice in a review', function (): void {
    foreach (Horizon::cases() as $horizon) {
        $words = array_map(static fn(Question $question): string => $question->words(), Question::of($horizon));
        expect($words)->not->toBe([])->each->toEndWith('?')->and(array_unique($words))->toBe($words);
    }
});

it('lets findings rise one review at a time', function (): void {
    expect(array_map(FindingLevel::above(...), [Horizon::Week, Horizon::Month, Horizon::Quarter, Horizon::Year]))
        ->toBe([FindingLevel::Month, FindingLevel::Quarter, FindingLevel::Year, null])
        ->and(
            array_map(
                static fn(FindingLevel $level): array => array_values(
                    array_filter(Horizon::cases(), static fn(Horizon $horizon): bool => $level->reaches($horizon)),
                ),
                FindingLevel::cases(),
            ),
        )
        ->toBe([
            [Horizon::Month, Horizon::Week],
            [Horizon::Quarter, Horizon::Month, Horizon::Week],
            [Horizon::Year, Horizon::Quarter, Horizon::Month, Horizon::Week],
        ]);
});

it('asks in each review what belongs to it, in its order', function (Horizon $horizon, array $asked) use ($keys): void {
    expect($keys(QuestionBank::of($horizon, [], [], [], [])))->toBe($asked);
})->with([
    [Horizon::Week, ['moved', 'still', 'surprised', 'differently']],
    [Horizon::Month, ['carried', 'learned', 'differently']],
    [Horizon::Quarter, ['carried', 'wrong', 'start', 'stop', 'continue']],
    [Horizon::Year, ['glad', 'wrong', 'learned', 'differently']],
]);

it('keeps the order of those that are given one place', function () use ($keys): void {
    $bank = QuestionBank::of(Horizon::Week, [], ['own-z' => 'Z', 'own-a' => 'A'], ['own-z' => 2, 'own-a' => 2], []);

    expect($keys($bank))
        ->toBe(['moved', 'still', 'own-z', 'own-a', 'surprised', 'differently'])
        ->and($bank[0]->isOwn)
        ->toBeFalse();
});
