<?php

declare(strict_types=1);

use Loftrin\Core\Meetings\Agenda;
use Loftrin\Core\Meetings\AgendaKind;
use Loftrin\Core\Meetings\FollowUpAnswer;
use Loftrin\Core\Meetings\LengthAdvice;
use Loftrin\Core\Meetings\LikelyGoal;
use Loftrin\Core\Meetings\Outcome;
use Loftrin\Core\Meetings\RankedIssue;
use Loftrin\Core\Meetings\Rotation;
use Loftrin\Core\Work\Rank;

function ids(array $issues): array
{
    return array_map(static fn(RankedIssue $issue): string => $issue->id, $issues);
}

it('ranks by what waiting costs, the goal, the wait and the order raised', function (): void {
    expect(
        ids(
            Agenda::rank([
                new RankedIssue('unranked', waited: 9, raised: 1),
                new RankedIssue('c', Rank::C, true, 9, 2),
                new RankedIssue('b waited', Rank::B, false, 3, 3),
                new RankedIssue('b goal', Rank::B, true, 0, 9),
                new RankedIssue('a late', Rank::A, raised: 5),
                new RankedIssue('a early', Rank::A, raised: 4),
            ]),
        ),
    )->toBe(['a early', 'a late', 'b goal', 'b waited', 'c', 'unranked']);
});

it('places an issue that is taken up before the first that ranks behind it, however the others were put', function (): void {
    $waiting = [
        new RankedIssue('b', Rank::B, raised: 2),
        new RankedIssue('a', Rank::A, raised: 1),
        new RankedIssue('c', Rank::C, raised: 3),
    ];
    $before = static fn(?Rank $rank): ?string => Agenda::before($waiting, new RankedIssue('new', $rank, raised: 9));

    expect([$before(Rank::A), $before(Rank::B), $before(Rank::C), $before(null)])->toBe(['b', 'c', null, null]);
    expect(Agenda::before([], new RankedIssue('new')))->toBeNull();
});

it('stops at the first issue that does not fit whole: nothing jumps the queue', function (): void {
    $agenda = Agenda::of(15, [
        new RankedIssue('first', Rank::A, minutes: 8),
        new RankedIssue('long', Rank::B, minutes: 10),
        new RankedIssue('short', Rank::C, minutes: 1),
    ]);

    expect(ids($agenda->fits))
        ->toBe(['first'])
        ->and(ids($agenda->wontFit))
        ->toBe(['long', 'short'])
        ->and($agenda->spare)
        ->toBe(7);
});

it('gives an issue without minutes five', function (): void {
    expect(ids(Agenda::of(5, [new RankedIssue('a')])->fits))
        ->toBe(['a'])
        ->and(Agenda::of(4, [new RankedIssue('a')])->fits)
        ->toBe([])
        ->and(Agenda::of(-3, [])->spare)
        ->toBe(-3);
});

it('passes the roles round, no two to one person', function (): void {
    $all = ['a', 'b', 'c'];

    expect(Rotation::roles($all, [$all]))
        ->toBe(['a', 'b'])
        ->and(Rotation::roles($all, [$all, $all]))
        ->toBe(['b', 'c'])
        ->and(Rotation::roles($all, [$all, $all, $all]))
        ->toBe(['c', 'a'])
        ->and(Rotation::roles(['a'], [['a']]))
        ->toBe(['a', 'a'])
        ->and(Rotation::roles([], [[]]))
        ->toBe([null, null]);
});

it('lets who was absent come first at the next change, then goes on', function (): void {
    $rotation = new Rotation(['a', 'b', 'c', 'd']);

    expect([
        $rotation->turn(['a', 'b', 'c', 'd']),
        $rotation->turn(['a', 'c', 'd']),
        $rotation->turn(['a', 'b', 'c', 'd']),
        $rotation->turn(['a', 'b', 'c', 'd']),
        $rotation->turn(['a', 'b', 'c', 'd']),
    ])
        ->toBe(['a', 'c', 'b', 'd', 'a'])
        ->and($rotation->turn([]))
        ->toBeNull();
});

it('changes the roles only every so many meetings, unless their holder is missing', function (): void {
    $all = ['a', 'b', 'c'];

    expect(Rotation::roles($all, [$all, $all], 2))
        ->toBe(['a', 'b'])
        ->and(Rotation::roles($all, [$all, $all, $all], 2))
        ->toBe(['b', 'c'])
        ->and(Rotation::roles($all, [$all, ['b', 'c']], 2))
        ->toBe(['b', 'c']);
});

it('settles an issue unless it goes to the next meeting', function (): void {
    expect(Outcome::NextTime->settles())->toBeFalse()->and(Outcome::Decided->settles())->toBeTrue();
});

it('advises a length that would have been enough three times out of four', function (int $planned, array $took, ?int $advice): void {
    expect(LengthAdvice::of($planned, $took))->toBe($advice);
})->with([
    'too few' => [10, [3, 3], null],
    'as planned' => [10, [9, 10, 11, 10], null],
    'longer' => [5, [12, 13, 11, 30], 13],
    'much longer' => [10, [22, 23, 21, 40], 25],
    'shorter' => [20, [5, 6, 4, 6, 5, 6, 6, 19], 6],
    'nothing at all' => [5, [0, 0, 0], 1],
]);

it('orders the parts of an agenda as it is told, the opening first and the closing last', function (?string $parts, array $order): void {
    expect(array_map(static fn(AgendaKind $part): string => $part->value, AgendaKind::ordered($parts)))->toBe($order);
})->with([
    'as usual' => [null, ['opening', 'issue', 'follow_ups', 'standing', 'closing']],
    'empty' => ['', ['opening', 'issue', 'follow_ups', 'standing', 'closing']],
    'turned round' => ['standing,follow_ups,issue', ['opening', 'standing', 'follow_ups', 'issue', 'closing']],
    'only one named' => ['standing', ['opening', 'standing', 'issue', 'follow_ups', 'closing']],
    'named twice' => ['standing,standing,issue', ['opening', 'standing', 'issue', 'follow_ups', 'closing']],
    'nonsense' => ['closing,opening,x,,issue', ['opening', 'issue', 'follow_ups', 'standing', 'closing']],
]);

it('knows which outcomes take an issue off all agendas', function (Outcome $outcome): void {
    expect($outcome->settles())->toBe(! in_array($outcome, [Outcome::NextTime, Outcome::OtherMeeting], true));
})->with(Outcome::cases());

it('says what was answered of a follow-up', function (FollowUpAnswer $answer, string $words): void {
    expect($answer->words())->toBe($words);
})->with([
    [FollowUpAnswer::Done, 'done'],
    [FollowUpAnswer::NotYet, 'not yet'],
    [FollowUpAnswer::Help, 'help needed'],
    [FollowUpAnswer::HeldUp, 'held up'],
]);

it('ranks by the place that was given before all else, and by the wait before the order raised', function (): void {
    $ranked = Agenda::rank([
        new RankedIssue('a', Rank::A, true, 9, 1),
        new RankedIssue('placed second', Rank::C, false, 0, 9, place: 2),
        new RankedIssue('placed first', null, false, 0, 9, place: 1),
        new RankedIssue('waited', Rank::B, false, 3, 9),
        new RankedIssue('early', Rank::B, false, 1, 2),
    ]);

    expect(ids($ranked))->toBe(['placed first', 'placed second', 'a', 'waited', 'early']);
});

it('suggests lengths in steps of five above twenty minutes, and says nothing within two of what is planned', function (): void {
    expect([
        LengthAdvice::of(5, [20, 20, 20]),
        LengthAdvice::of(5, [21, 21, 21]),
        LengthAdvice::of(5, [16, 16, 16]),
        LengthAdvice::of(12, [14, 14, 14]),
        LengthAdvice::of(12, [15, 15, 15]),
        LengthAdvice::of(16, [14, 14, 14]),
        LengthAdvice::of(17, [14, 14, 14]),
        // Three of four, and four of five, the next that is whole.
        LengthAdvice::of(60, [1, 2, 3, 40]),
        LengthAdvice::of(60, [1, 2, 3, 7, 40]),
        LengthAdvice::of(60, [1, 2, 3, 4, 9, 40]),
        LengthAdvice::of(60, [0, 0, 0]),
    ])->toBe([20, 25, 16, null, 15, null, 14, 3, 7, 9, 1]);
});

it('takes the goal that shares most words with an issue, and none where two share as many', function (
    string $issue,
    array $goals,
    ?int $likely,
): void {
    expect(LikelyGoal::of($issue, $goals))->toBe($likely);
})->with([
    'the only one with a word of it' => ['Berths in winter', [4 => 'Winter moorings', 7 => 'Revenue'], 4],
    'most words' => ['Winter berths at Kirkwall', [4 => 'Winter moorings', 7 => 'Kirkwall berths'], 7],
    'as many' => ['Winter berths', [4 => 'Winter moorings', 7 => 'Berths'], null],
    'none' => ['Coffee machine', [4 => 'Winter moorings'], null],
    'no goals' => ['Coffee machine', [], null],
    'words of four letters count, of three do not' => ['Buoy cap', [4 => 'A new buoy', 7 => 'New cap'], 4],
    'the same by its first five letters' => ['Harbourmasters', [4 => '40 harbours'], 4],
    'not by what comes later' => ['Xharbours', [4 => '40 harbours'], null],
    'a word twice counts once' => ['Berth, berth and winter', [4 => 'Berth', 7 => 'Winter berth'], 7],
    'a word twice in a title counts once' => ['Berth and winter', [4 => 'Berth by berth', 7 => 'Winter and berth'], 7],
    'common words say nothing' => ['What should we have', [4 => 'What we should have'], null],
]);

it('begins with whose turn is first, past the end of the order as well', function (): void {
    expect((new Rotation(['a', 'b', 'c'], 4))->turn(['a', 'b', 'c']))
        ->toBe('b')
        ->and((new Rotation([], 4))->turn(['a']))
        ->toBeNull();
});

it('owes a turn to each who was passed over, longest ago first', function (): void {
    $turns = new Rotation(['a', 'b', 'c', 'd']);

    expect([$turns->turn(['c']), $turns->turn(['a', 'b', 'd']), $turns->turn(['a', 'b', 'd']), $turns->turn(['a', 'b', 'd'])])->toBe([
        'c',
        'a',
        'b',
        'd',
    ]);
});

it('has no roles before the first meeting, and one person alone holds both', function (): void {
    expect(Rotation::roles(['a', 'b'], []))
        ->toBe([null, null])
        ->and(Rotation::roles(['a', 'b'], [['b']]))
        ->toBe(['b', 'b']);
});
