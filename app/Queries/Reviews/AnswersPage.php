<?php

declare(strict_types=1);

namespace App\Queries\Reviews;

use App\Models\Answer;
use App\Models\Goal;
use App\Models\Person;
use App\Queries\Parts\Answers\Option;
use App\Queries\Parts\AnswersAsked;
use App\Queries\Parts\WrittenLines;
use App\Queries\Reviews\Answers\AnswersView;

/** One question over time, one role, one goal, or a word in all that a person ever wrote. */
final readonly class AnswersPage
{
    public function __construct(private WrittenLines $lines)
    {
    }

    public function of(Person $person, AnswersAsked $asked): AnswersView
    {
        $titles = WrittenLines::titles($person);

        return new AnswersView(
            words: $asked->words,
            key: $asked->key,
            tag: $asked->tag,
            goal: $asked->goal,
            from: $asked->from,
            until: $asked->until,
            answers: $this->lines->of($person, $asked),
            questions: array_map(
                static fn(string $key, string $title): Option => new Option($key, $title),
                array_keys($titles),
                array_values($titles),
            ),
            goals: array_values(
                Goal::query()
                    ->visibleTo($person)
                    ->whereIn('id', Answer::query()->of($person)->whereNotNull('goal_id')->select('goal_id'))
                    ->orderBy('title')
                    ->get()
                    ->map(static fn(Goal $goal): Option => new Option((string) $goal->id, $goal->title))
                    ->all(),
            ),
        );
    }
}
