<?php

declare(strict_types=1);

namespace Database\Demo;

/** What people write in their reviews: about what was really done, left or decided in the time. Nothing is said twice. */
final class ReviewWords
{
    /**
     * With {done}: something that was done; {left}: something still open; {goal}: a goal that was worked on.
     *
     * @var array<string, non-empty-list<string>>
     */
    private const SAID = [
        'moved' => [
            '“{done}” is done, and {goal} feels it. Two people were there from the start, so nobody waited.',
            '{goal}: “{done}” went in one go because the papers were ready the evening before.',
            'Mornings without meetings. “{done}” took half the time it was given.',
            'I rang instead of writing, and “{done}” was settled the same day.',
            '“{done}”. Small, but it had been in the way of {goal} for weeks.',
            'The tides were planned on Monday: “{done}” came off at the first try.',
            'We did “{done}” together, start to end, before anything else was begun.',
            '“{done}” moved once somebody had it by name and by Thursday.',
        ],
        'still' => [
            '“{left}”. It is not the work; I do not know what it may cost.',
            'I still hold “{left}” myself although I said I would hand it over.',
            '“{left}” waits for a stamp, and we call that planning.',
            '{goal} stood still: everybody thought somebody else had “{left}”.',
            '“{left}”, again. It is too large to begin in an afternoon.',
            'Nothing on “{left}”. The weather had two of the five days.',
            '“{left}”: asked twice, no answer, and I let it rest there.',
            'I moved “{left}” from Monday to Friday to next week.',
        ],
        'surprised' => [
            'That “{done}” needed nobody from us at all.',
            'How long a harbour office takes to say no: “{left}” is the third.',
            '“{done}” was finished before the parts for it were paid.',
            'Kwame had already seen to “{done}” when I came to ask.',
            'The meeting ended early the week I was away; “{done}” was decided without me.',
            'A customer praised “{done}”. We had nearly left it out.',
            'That {goal} moved although I gave it one morning.',
            '“{done}” cost a third of the quote.',
        ],
        'differently' => [
            'Begin the week with “{left}” and open no mail before it.',
            'Ask for the date before I promise one; “{left}” taught me.',
            'One thing at a time on field days.',
            'Give “{left}” away, whole, with the right to do it otherwise.',
            'Ring first, write later, above all about “{left}”.',
            'Stop at five on Fridays and leave “{left}” where it is.',
            'Two hours for {goal} on Tuesday and Thursday, before nine.',
            'Let somebody else close the meeting, all of it, next week too: “{left}” can wait.',
        ],
        'carried' => [
            'Doing “{done}” in pairs. It is slower on paper and never stands still.',
            'Whoever found a fault wrote it down the same day; “{done}” came from such a line.',
            'The standing Tuesday with the workshop carried {goal}, not the plan we drew for it.',
            'Saying no twice in the first week left room for “{done}”.',
            'Ingrid kept the papers in order, and so “{done}” did not wait for a form.',
            'That we showed {goal} to a customer half finished.',
        ],
        'learned' => [
            'A quiet month is worth two busy ones: “{done}” fell into it.',
            '“{left}” does not get smaller by being planned. It needs a first hour.',
            'What I hand over whole comes back done; “{done}” did.',
            'We plan the tide and forget the ferry. “{left}” waits for a ferry.',
            'People answer a question with a date in it. It was so with “{done}”.',
            'I judge {goal} by the week I last worked on it, not by where it stands.',
        ],
        'wrong' => [
            'We took interest for a promise. “{left}” was counted as sold three times.',
            'We set {goal} by what we wished, and knew it in the second week.',
            'We thought “{done}” was the hard part. It was the week after it.',
        ],
        'start' => [
            'A price for three years before the first visit.',
            'One page on why, before “{left}” goes on.',
            'A second key to everything.',
        ],
        'stop' => [
            'Quotes on a Friday.',
            'Taking “{left}” along for another quarter without asking why.',
            'Meetings about {goal} without its owner.',
        ],
        'continue' => ['Tides on Monday.', 'Field days in pairs, as for “{done}”.', 'Ending on time, even in the middle of {goal}.'],
    ];

    /** @var array<string, true> */
    private array $said = [];

    /**
     * An answer to a question about what happened: the next of its sentences that nobody has said yet.
     *
     * @param list<string> $done titles
     * @param list<string> $left titles
     * @param list<string> $goals titles
     */
    public function answer(string $question, int $turn, array $done, array $left, array $goals): ?string
    {
        $sentences = self::sentences($question);

        for ($try = 0; $try < count($sentences) * 6; $try++) {
            $words = self::at($sentences, $turn + $try) ?? '{';
            $filled = strtr($words, [
                '{done}' => self::at($done, $turn + intdiv($try, count($sentences))) ?? '{',
                '{left}' => self::at($left, $turn + intdiv($try, count($sentences))) ?? '{',
                '{goal}' => $goals === [] ? '{' : '“'.self::at($goals, $turn).'”',
            ]);

            if (! str_contains($filled, '{') && ! isset($this->said[$filled])) {
                $this->said[$filled] = true;

                return $filled;
            }
        }

        return null;
    }

    /** @return list<string> */
    private static function sentences(string $question): array
    {
        return self::SAID[$question] ?? [];
    }

    /** @param list<string> $titles */
    private static function at(array $titles, int $place): ?string
    {
        return $titles === [] ? null : $titles[$place % count($titles)];
    }
}
