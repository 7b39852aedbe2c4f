<?php

declare(strict_types=1);

namespace App\Queries\Reviews;

use App\Models\Answer;
use App\Models\Person;
use App\Models\Workspace;
use App\Queries\Parts\Answers\Option;
use App\Queries\Parts\Containing;
use App\Queries\Reviews\Answers\AnswerLine;
use App\Queries\Reviews\Answers\AnswersView;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Loftrin\Core\Calendar\Horizon;
use Loftrin\Core\Reviews\Question;

/** One question over time, one role, or a word in all that a person ever answered. Rules: guide R8. */
final readonly class AnswersPage
{
    public function __construct(private Workspace $workspace)
    {
    }

    public function of(Person $person, string $words, ?string $key, bool $onlyFindings): AnswersView
    {
        $all = $this->answers($person)->get();
        $titles = $this->titles($person, $all);
        $asked = $this->answers($person)
            ->when($words !== '', static fn(Builder $query) => Containing::words($query, 'words', $words))
            ->when($key !== null, static fn(Builder $query) => $query->where('question', $key))
            ->when($onlyFindings, static fn(Builder $query) => $query->whereHas('finding'))
            ->with('finding')
            ->get();
        $last = fn(Answer $answer): int => $this->workspace->calendar()->tryPeriod($answer->review->period)?->span->last->number ?? 0;

        return new AnswersView(
            words: $words,
            key: $key,
            onlyFindings: $onlyFindings,
            answers: array_values(
                $asked
                    ->sortByDesc(static fn(Answer $answer): array => [$last($answer), -$answer->id])
                    ->map(
                        static fn(Answer $answer): AnswerLine => new AnswerLine(
                            $answer->id,
                            $answer->question,
                            $titles[$answer->question],
                            $answer->words,
                            $answer->review->period,
                            $answer->finding?->level,
                        ),
                    )
                    ->all(),
            ),
            questions: array_map(
                static fn(string $key, string $title): Option => new Option($key, $title),
                array_keys($titles),
                array_values($titles),
            ),
        );
    }

    /** @return Builder<Answer> their own, and nobody else's */
    private function answers(Person $person): Builder
    {
        return Answer::query()->written()->of($person)->with('review:id,period');
    }

    /**
     * @param Collection<int, Answer> $answers
     *
     * @return array<string, string> the words of each question that was answered
     */
    private function titles(Person $person, Collection $answers): array
    {
        $known = [];

        foreach (Horizon::cases() as $horizon) {
            foreach (Questions::of($horizon, $person) as $question) {
                $known[$question->key] ??= $question->words;
            }
        }

        $titles = [];

        foreach ($answers as $answer) {
            // Of a role that was given up there is nothing but its answers.
            $titles[$answer->question] ??= $known[$answer->question] ?? (Question::tryFrom($answer->question)?->words() ?? 'A former role');
        }

        return $titles;
    }
}
