<?php

declare(strict_types=1);

namespace App\Queries\Reviews;

use App\Models\Answer;
use App\Models\Person;
use App\Models\Review;
use App\Queries\Parts\Questions;
use App\Queries\Reviews\Answers\OfferedLine;
use App\Queries\Reviews\Answers\PastAnswer;
use App\Queries\Reviews\Answers\QuestionRow;
use App\Queries\Reviews\Answers\ShareRow;
use Illuminate\Database\Eloquent\Builder;
use Loftrin\Core\Calendar\Period;
use Loftrin\Core\Reviews\AskedQuestion;

/** The questions of a review with what was answered, now and before. */
final readonly class AskedQuestions
{
    /** How many earlier answers stand under a question. */
    private const ANSWERS_BEFORE = 3;

    /**
     * @param array<string, list<OfferedLine>> $offers lines from what happened, by the key of a question
     *
     * @return list<QuestionRow> all of the bank; those that rest say so
     */
    public static function of(Period $period, Person $person, ?Review $review, array $offers): array
    {
        $before = Answer::query()
            ->written()
            ->whereHas(
                'review',
                static fn(Builder $reviews) => $reviews
                    ->where('person_id', $person->id)
                    ->ofKind($period->horizon)
                    ->where('period', '<', $period->name)
                    ->whereNotNull('held_at'),
            )
            ->with('review:id,period')
            ->get()
            ->sortByDesc(static fn(Answer $answer): string => $answer->review->period)
            ->groupBy('question');

        return array_map(static function (AskedQuestion $asked) use ($person, $review, $before, $offers): QuestionRow {
            $answer = $review?->answers->firstWhere('question', $asked->key);
            $past = $before->get($asked->key)?->take(self::ANSWERS_BEFORE);

            return new QuestionRow(
                key: $asked->key,
                question: $asked->words,
                answer: $answer->words ?? '',
                id: $answer?->id,
                level: $answer?->finding?->level,
                before: array_values(
                    $past?->map(static fn(Answer $each): PastAnswer => new PastAnswer($each->review->period, $each->words))->all() ?? [],
                ),
                isOwn: $asked->isOwn,
                isResting: $asked->isResting,
                isCheck: $asked->isCheck(),
                shares: array_values($answer?->shares->map(ShareRow::of(...))->all() ?? []),
                offers: $offers[$asked->key] ?? [],
                isWorthTelling: $answer->is_worth_telling ?? false,
                goal: $answer?->goal?->isVisibleTo($person) === true ? $answer->goal_id : null,
                goalTitle: $answer?->goal?->isVisibleTo($person) === true ? $answer->goal->title : null,
            );
        }, Questions::of($period->horizon, $person));
    }
}
