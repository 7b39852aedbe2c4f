<?php

declare(strict_types=1);

namespace Database\Demo;

use App\Models\Answer;
use App\Models\Person;
use App\Models\Review;
use App\Queries\Reviews\FactsQuery;
use Loftrin\Core\Reviews\Question;

/** Twenty-five weekly reviews of the founder, with the facts as they are computed. */
final readonly class Reviews
{
    private const HELD = 25;

    /** Weeks ago in which she did not find the time. */
    private const MISSED = [4, 11, 17];

    private const ANSWERS = [
        'moved' => [
            'Two crews at once. Priya planned the tides on Monday and nobody waited for anybody. Worth repeating.',
            'The bench. Tomasz had three quiet mornings and it shows.',
            'Lucía called instead of writing. Two farms answered the same day.',
            'Nothing big, but the small things went: papers, parts, permits.',
        ],
        'still' => [
            'The Baltic farms. I have “work out the price” on my list for the third week. It is not the price: '
                .'I do not know what winter costs us.',
            'Handing things over. I say yes and then do them myself.', 'The new site. Nobody feels it is theirs.',
            'Permits. We wait for a stamp and call it planning.',
        ],
        'surprised' => [
            'Failures went under the line three weeks early.', 'How long a harbour office takes to say no.',
            'That the meeting ended before time when I was not there.', 'Kwame had already fixed it.',
        ],
        'differently' => [
            'One thing at a time on field days.', 'Ask for the date before I promise one.', 'Let Elif close the meeting, all of it.',
            'Ring first, write later.',
        ],
    ];

    public function __construct(private Stage $stage, private FactsQuery $facts)
    {
    }

    public function add(Person $founder): void
    {
        $weeksAgo = array_slice(array_values(array_diff(range(1, self::HELD + count(self::MISSED)), self::MISSED)), 0, self::HELD);

        foreach ($weeksAgo as $place => $ago) {
            $week = $this->stage->week(-$ago);
            /** @var array<string, mixed> $facts */
            $facts = json_decode((string) json_encode($this->facts->of($week, $founder)), true);
            $review = Review::query()->create([
                'person_id' => $founder->id,
                'period' => $week->name,
                'held_at' => "{$this->stage->worked($week->span->last)} 14:30:00",
                'facts' => $facts,
            ]);

            foreach (Question::cases() as $number => $question) {
                $answers = self::ANSWERS[$question->value];
                Answer::query()->create([
                    'review_id' => $review->id,
                    'question' => $question,
                    'words' => $answers[($place + $number) % count($answers)],
                ]);
            }
        }
    }
}
