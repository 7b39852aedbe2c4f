<?php

declare(strict_types=1);

namespace App\Queries\Reviews;

use App\Models\Answer;
use App\Models\Person;
use App\Models\Review;
use App\Models\Task;
use App\Models\Workspace;
use App\Queries\Goals\StoredPlans;
use App\Queries\Parts\Answers\PeriodTag;
use App\Queries\Parts\Answers\PersonTag;
use App\Queries\Parts\Answers\TaskRow;
use App\Queries\Reviews\Answers\LeftOver;
use App\Queries\Reviews\Answers\PastAnswer;
use App\Queries\Reviews\Answers\QuestionRow;
use App\Queries\Reviews\Answers\ReviewView;
use Loftrin\Core\Calendar\Period;
use Loftrin\Core\Reviews\Question;

/** A person's look back on a week: the facts, their words, what is left over. */
final readonly class ReviewPage
{
    /** How many earlier answers stand under a question. */
    private const ANSWERS_BEFORE = 3;

    public function __construct(private Workspace $workspace, private StoredPlans $plans, private FactsQuery $facts)
    {
    }

    public function of(Period $week, Person $person): ReviewView
    {
        $review = Review::query()->where('person_id', $person->id)->where('period', $week->name)->with('answers')->first();
        $isHeld = $review?->held_at !== null;

        return new ReviewView(
            week: PeriodTag::of($week, $this->workspace->calendar()),
            facts: $isHeld ? null : $this->facts->of($week, $person),
            kept: $isHeld ? $review->facts : null,
            heldAt: $review?->held_at?->format('Y-m-d'),
            hasBegun: $week->hasBegunOn($this->workspace->today()),
            questions: $this->questions($week, $person, $review),
            leftOver: $isHeld ? [] : $this->leftOver($week, $person),
            people: PersonTag::all(),
        );
    }

    /** @return list<QuestionRow> */
    private function questions(Period $week, Person $person, ?Review $review): array
    {
        $before = Answer::query()
            ->whereHas(
                'review',
                static fn($reviews) => $reviews
                    ->where('person_id', $person->id)
                    ->where('period', '<', $week->name)
                    ->whereNotNull('held_at'),
            )
            ->with('review')
            ->get()
            ->sortByDesc(static fn(Answer $answer): string => $answer->review->period);

        return array_map(
            static fn(Question $question): QuestionRow => new QuestionRow(
                $question,
                $question->words(),
                $review?->answers->firstWhere('question', $question)->words ?? '',
                array_values(
                    $before
                        ->filter(static fn(Answer $answer): bool => $answer->question === $question)
                        ->take(self::ANSWERS_BEFORE)
                        ->map(static fn(Answer $answer): PastAnswer => new PastAnswer($answer->review->period, $answer->words))
                        ->all(),
                ),
            ),
            Question::cases(),
        );
    }

    /** @return list<LeftOver> each task once, under the first reason that holds */
    private function leftOver(Period $week, Person $person): array
    {
        $left = new LeftOverTasks($this->workspace, $person, $week);
        $threads = $this->plans->threads($person, $week);
        $seen = [];
        $groups = [];

        foreach (
            [
                ['Late', 'due and not done', $left->late()],
                ['Carried over', 'planned for this week or before', $left->carried()],
                ['Waiting for others', 'waiting for somebody', $left->withOthers()],
                ['No recent activity', 'not planned, and unchanged for four weeks', $left->withoutActivity()],
            ] as [$reason, $hint, $tasks]
        ) {
            $new = $tasks->whereNotIn('id', $seen);
            $seen = [...$seen, ...$new->modelKeys()];

            if ($new->isNotEmpty()) {
                $groups[] = new LeftOver(
                    $reason,
                    $hint,
                    array_values($new->map(fn(Task $task): TaskRow => TaskRow::of($task, $threads, $this->workspace))->all()),
                );
            }
        }

        return $groups;
    }
}
