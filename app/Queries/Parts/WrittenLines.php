<?php

declare(strict_types=1);

namespace App\Queries\Parts;

use App\Models\Answer;
use App\Models\EveningAnswer;
use App\Models\Finding;
use App\Models\Goal;
use App\Models\LogLine;
use App\Models\Person;
use App\Models\Workspace;
use App\Queries\Parts\Answers\AnswerLine;
use Illuminate\Database\Eloquent\Builder;
use Loftrin\Core\Calendar\Horizon;
use Loftrin\Core\Day\LogTag;
use Loftrin\Core\Reviews\Question;

/** What a person wrote in reviews and days, newest first: nobody else's is there. */
final readonly class WrittenLines
{
    public function __construct(private Workspace $workspace)
    {
    }

    /** @return list<AnswerLine> */
    public function of(Person $person, AnswersAsked $asked): array
    {
        $lines = [...$this->answers($person, $asked), ...$asked->isOfReviews() ? [] : $this->days($person, $asked)];
        usort(
            $lines,
            static fn(AnswerLine $a, AnswerLine $b): int => [$b->on->number, $a->source->value, $a->id] <=> [
                $a->on->number,
                $b->source->value,
                $b->id,
            ],
        );

        return $lines;
    }

    /** @return list<AnswerLine> */
    private function answers(Person $person, AnswersAsked $asked): array
    {
        if ($asked->tag !== null && $asked->tag !== LogTag::Finding) {
            return [];
        }

        $found = Answer::query()
            ->written()
            ->of($person)
            ->when($asked->words !== '', static fn(Builder $query) => Containing::words($query, 'words', $asked->words))
            ->when($asked->key !== null, static fn(Builder $query) => $query->where('question', $asked->key))
            ->when($asked->goal !== null, static fn(Builder $query) => $query->where('goal_id', $asked->goal))
            ->when($asked->tag !== null, static fn(Builder $query) => $query->whereHas('finding'))
            ->with(['review:id,period', 'finding'])
            ->get();
        $goals = Goal::query()
            ->visibleTo($person)
            ->whereKey($found->pluck('goal_id')->filter()->unique())
            ->pluck('title', 'id');
        $titles = self::titles($person);
        $lines = [];

        foreach ($found as $answer) {
            $on = $this->workspace->calendar()->tryPeriod($answer->review->period)?->span->last;

            if ($on !== null && $asked->holds($on)) {
                $goal = $goals->get($answer->goal_id);
                $lines[] = AnswerLine::ofAnswer(
                    $answer,
                    $titles[$answer->question] ?? '',
                    $on,
                    $answer->finding?->level,
                    is_string($goal) ? $goal : null,
                );
            }
        }

        return $lines;
    }

    /** @return list<AnswerLine> tagged lines of the log, and any in which the words stand; and what was said in the evenings */
    private function days(Person $person, AnswersAsked $asked): array
    {
        $kept = Finding::query()->where('person_id', $person->id)->whereNull('answer_id')->get();
        $log = $this->within(LogLine::query()->where('person_id', $person->id), $asked)
            ->when($asked->tag !== null, static fn(Builder $query) => $query->where('tag', $asked->tag))
            ->when($asked->tag === null && $asked->words === '', static fn(Builder $query) => $query->whereNotNull('tag'))
            ->get();
        $evenings = $this->within(EveningAnswer::query()->where('person_id', $person->id)->where('words', '<>', ''), $asked)
            ->when(
                $asked->tag !== null,
                static fn(Builder $query) => $query->whereKey(
                    $asked->tag === LogTag::Finding ? $kept->pluck('evening_answer_id')->filter()->all() : [],
                ),
            )
            ->get();

        return [
            ...$log->map(
                static fn(LogLine $line): AnswerLine => AnswerLine::ofDay($line, $kept->firstWhere('log_line_id', $line->id)?->level),
            ),
            ...$evenings->map(
                static fn(EveningAnswer $said): AnswerLine => AnswerLine::ofDay(
                    $said,
                    $kept->firstWhere('evening_answer_id', $said->id)?->level,
                ),
            ),
        ];
    }

    /**
     * @template M of LogLine|EveningAnswer
     *
     * @param Builder<M> $lines
     *
     * @return Builder<M>
     */
    private function within(Builder $lines, AnswersAsked $asked): Builder
    {
        return $lines
            ->when($asked->words !== '', static fn(Builder $query) => Containing::words($query, 'words', $asked->words))
            ->when($asked->from !== null, static fn(Builder $query) => $query->where('on', '>=', (string) $asked->from))
            ->when($asked->until !== null, static fn(Builder $query) => $query->where('on', '<=', (string) $asked->until));
    }

    /** @return array<string, string> the words of each question that was answered, by its key */
    public static function titles(Person $person): array
    {
        $known = [];

        foreach (Horizon::cases() as $horizon) {
            foreach (Questions::of($horizon, $person) as $question) {
                $known[$question->key] ??= $question->words;
            }
        }

        $titles = [];

        foreach (Answer::query()->written()->of($person)->select('question')->distinct()->orderBy('question')->get() as $answer) {
            $key = $answer->question;
            // Of a role that was given up there is nothing but its answers.
            $titles[$key] = $known[$key] ?? (Question::tryFrom($key)?->words() ?? 'A former role');
        }

        return $titles;
    }
}
