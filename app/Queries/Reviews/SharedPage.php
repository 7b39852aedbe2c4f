<?php

declare(strict_types=1);

namespace App\Queries\Reviews;

use App\Models\Answer;
use App\Models\Person;
use App\Models\Share;
use App\Models\Workspace;
use App\Queries\Parts\Answers\AnswerLine;
use App\Queries\Parts\Answers\PersonTag;
use App\Queries\Parts\Questions;
use App\Queries\Reviews\Answers\SharedReview;
use App\Queries\Reviews\Answers\SharedView;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;

/** What others let one read: their words alone. What was computed for them, and what they only ticked, stays theirs. */
final readonly class SharedPage
{
    public function __construct(private Workspace $workspace)
    {
    }

    public function of(Person $viewer): SharedView
    {
        $shares = Share::query()->readBy($viewer);
        $answers = Answer::query()
            ->written()
            ->where(
                static fn(Builder $either) => $either
                    ->whereIn('id', (clone $shares)->whereNotNull('answer_id')->select('answer_id'))
                    ->orWhereIn('review_id', (clone $shares)->whereNotNull('review_id')->select('review_id')),
            )
            ->whereRelation('review', 'person_id', '<>', $viewer->id)
            ->with('review.person')
            ->orderBy('id')
            ->get();
        $calendar = $this->workspace->calendar();
        $last = static fn(Answer $answer): int => $calendar->tryPeriod($answer->review->period)?->span->last->number ?? 0;

        return new SharedView(
            array_values(
                $answers
                    ->sortBy(static fn(Answer $answer): array => [-$last($answer), $answer->id])
                    ->groupBy('review_id')
                    ->map(fn(Collection $of): SharedReview => $this->review($of))
                    ->all(),
            ),
        );
    }

    /** @param Collection<int, Answer> $answers of one review */
    private function review(Collection $answers): SharedReview
    {
        $review = $answers->firstOrFail()->review;

        return new SharedReview(
            PersonTag::of($review->person),
            $review->period,
            array_values(
                $answers
                    ->map(
                        fn(Answer $answer): AnswerLine => AnswerLine::ofAnswer(
                            $answer,
                            Questions::words($answer->question, $review->person) ?? 'A former question',
                            $this->workspace->calendar()->period($review->period)->span->last,
                        ),
                    )
                    ->all(),
            ),
        );
    }
}
