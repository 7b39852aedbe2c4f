<?php

declare(strict_types=1);

namespace Database\Demo;

/** What people wrote in the retrospective, and the founder in her report. */
final class LookedBackWords
{
    /** Each question with the answers, by person. */
    public const RETROSPECTIVE = [
        [
            'What went well?',
            [
                'noor' => 'Eight harbours said yes within a week, because Priya sent them a drawing and not a letter.',
                'priya' => 'Two crews moored on the same tide, and neither waited for the other.',
                'kwame' => "The winch course paid off. Mei ran the crane alone at Burray.\nNobody was hurt.",
                'mei' => 'Evenings. We were back in the harbour before dark on nine days of ten.',
            ],
        ],
        [
            'What did not?',
            [
                'noor' => 'I promised Longhope a date before I had asked for the tide.',
                'priya' => 'The crane stood still for two of the six weeks, each time for one missing bolt.',
                'kwame' => 'We left with half the papers. Pierowall sent us home again.',
                'mei' => "Three trips had no day in reserve:\n  one gale, and the week was gone.",
            ],
        ],
        [
            'What surprised us?',
            [
                'priya' => 'That the fishermen at Kettletoft moved their own buoys for us.',
                'kwame' => 'How much goes wrong on the quay, and how little at sea.',
                'mei' => 'Harbour masters answer the telephone. Nobody had tried.',
            ],
        ],
    ];

    /** With {goals} in place of how each goal of the quarter ended. */
    public const REPORT = <<<'MD'
        The first fifteen harbours measure their own water. The quarter was about getting there without Noor on every boat, and it
        was done by two crews.

        ## How the goals ended

        {goals}

        ## What it took

        {done} in {hours}, most of it on the water. Chain and shackles came four weeks late; the crews used the time to learn the
        winch.

        ## What we decided

        - Two crews instead of one from October on, although it costs a third more in wages.
        - No harbour is promised a date before its tide window is agreed.

        ## What comes next

        Thirteen more harbours before the winter closes the outer berths, and the first three fish farms in the Baltic.
        MD;
}
