<?php

declare(strict_types=1);

namespace App\Queries\Reviews;

use App\Models\Answer;
use App\Models\Person;
use App\Models\Verdict as Said;
use App\Queries\Reviews\Answers\Resolution;
use App\Queries\Reviews\Answers\VerdictRow;
use Illuminate\Database\Eloquent\Builder;
use Loftrin\Core\Calendar\Period;
use Loftrin\Core\Reviews\Question;
use Loftrin\Core\Reviews\Verdict;

/** What a person wanted to do differently, with which a review begins: the last of it, and what they are still trying. */
final readonly class Resolutions
{
    /** @return list<Resolution> the last one first */
    public static function before(Period $period, Person $person): array
    {
        $answers = Answer::query()
            ->where('question', Question::Differently)
            ->where('words', '<>', '')
            ->whereHas(
                'review',
                static fn(Builder $reviews) => $reviews
                    ->where('person_id', $person->id)
                    ->ofKind($period->horizon)
                    ->where('period', '<', $period->name),
            )
            ->with(['review:id,period', 'verdicts'])
            ->get()
            ->sortByDesc(static fn(Answer $answer): string => $answer->review->period)
            ->values();

        return array_values(
            $answers
                ->filter(static fn(Answer $answer, int $place): bool => $place === 0 || self::isTried($answer, $period))
                ->map(static fn(Answer $answer): Resolution => self::row($answer, $period))
                ->all(),
        );
    }

    /** Whether the last that was said of it before the period is that it is still tried. */
    private static function isTried(Answer $answer, Period $period): bool
    {
        $before = $answer->verdicts->where('period', '<', $period->name)->last();

        return $before?->verdict === Verdict::Trying;
    }

    private static function row(Answer $answer, Period $period): Resolution
    {
        return new Resolution(
            $answer->id,
            $answer->review->period,
            $answer->words,
            $answer->verdicts->firstWhere('period', $period->name)?->verdict,
            array_values(
                $answer->verdicts
                    ->where('period', '<', $period->name)
                    ->map(static fn(Said $said): VerdictRow => new VerdictRow($said->period, $said->verdict))
                    ->all(),
            ),
        );
    }
}
