<?php

declare(strict_types=1);

namespace App\Actions\Day;

use App\Models\EveningAnswer;
use App\Models\EveningQuestion;
use App\Models\Person;
use App\Models\Workspace;
use App\Store\ChangeLog;
use App\Store\RefusedChange;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Day\EveningQuestion as Question;

/** The questions of the evening: answering them, and choosing which are asked. */
final readonly class AnswerEvening
{
    public function __construct(private ChangeLog $log, private Workspace $workspace)
    {
    }

    /**
     * Saves itself while one writes, and is no step to go back by. Nothing written takes the answer away.
     *
     * @param ?string $was what stood there when one began to write
     *
     * @throws RefusedChange of a day to come, of a question that is not in the bank, or when it was answered otherwise meanwhile
     */
    public function answer(Person $who, Day $on, string $question, ?string $words, ?int $score, ?string $was = null): void
    {
        if ($on->isAfter($this->workspace->today())) {
            throw new RefusedChange('words', 'This day is still to come.');
        }

        $this->log->change(
            $who,
            "Answered “{$question}”",
            static function () use ($who, $on, $question, $words, $score, $was): void {
                $there = EveningAnswer::query()
                    ->where('person_id', $who->id)
                    ->where('on', (string) $on)
                    ->where('question', $question)
                    ->first();
                $isKnown = $there !== null || in_array($question, array_column(EveningQuestion::of($who), 'words'), true);

                match (true) {
                    ! $isKnown => throw new RefusedChange('words', 'This question is no longer asked.'),
                    $words !== null && $was !== null && ($there->words ?? '') !== $was && ($there->words ?? '') !== $words
                        => throw new RefusedChange(
                            'words',
                            "This was changed on another page meanwhile: “{$there?->words}”. Save again to replace it.",
                        ),
                    $words === null && $score === null => $there?->delete(),
                    default => ($there ?? new EveningAnswer(['person_id' => $who->id, 'on' => $on, 'question' => $question]))
                        ->fill(['words' => $words, 'score' => $score])
                        ->save(),
                };
            },
            isStep: false,
        );
    }

    /** @throws RefusedChange when it is there already, or the bank is full */
    public function add(Person $who, string $words, bool $isScore): void
    {
        $this->log->change($who, "Added “{$words}”", function () use ($who, $words, $isScore): void {
            $bank = $this->bank($who);

            match (true) {
                isset($bank[$words]) => throw new RefusedChange('words', 'This question is there already.'),
                count($bank) >= Question::KEPT => throw new RefusedChange(
                    'words',
                    'There are '.Question::KEPT.' questions already. Delete one first.',
                ),
                default => EveningQuestion::query()->create([
                    'person_id' => $who->id,
                    'words' => $words,
                    'is_score' => $isScore,
                    'is_asked' => self::asked($bank) < Question::ASKED,
                ]),
            };
        });
    }

    /** @throws RefusedChange when it is not there, or enough are asked already */
    public function ask(Person $who, string $words, bool $isAsked): void
    {
        $this->log->change($who, ($isAsked ? 'Asks ' : 'No longer asks ')."“{$words}”", function () use ($who, $words, $isAsked): void {
            $bank = $this->bank($who);
            $question = self::found($bank, $words);

            if ($isAsked && ! $question->is_asked && self::asked($bank) >= Question::ASKED) {
                throw new RefusedChange('words', 'Up to three questions are asked. Take one off first.');
            }

            $question->update(['is_asked' => $isAsked]);
        });
    }

    /** @throws RefusedChange when it is not there, or is the last one */
    public function remove(Person $who, string $words): void
    {
        $this->log->change($who, "Deleted “{$words}”", function () use ($who, $words): void {
            $bank = $this->bank($who);
            $question = self::found($bank, $words);

            if (count($bank) === 1) {
                throw new RefusedChange('words', 'One question has to stay. It need not be asked.');
            }

            $question->delete();
        });
    }

    /** @return array<string, EveningQuestion> by its words; from the usual ones, where a person has none of their own yet */
    private function bank(Person $who): array
    {
        if (EveningQuestion::query()->where('person_id', $who->id)->doesntExist()) {
            foreach (Question::usual() as $usual) {
                EveningQuestion::query()->create([
                    'person_id' => $who->id,
                    'words' => $usual->words,
                    'is_score' => $usual->isScore,
                    'is_asked' => $usual->isAsked,
                ]);
            }
        }

        return EveningQuestion::query()->where('person_id', $who->id)->orderBy('id')->get()->keyBy('words')->all();
    }

    /** @param array<string, EveningQuestion> $bank */
    private static function found(array $bank, string $words): EveningQuestion
    {
        return $bank[$words] ?? throw new RefusedChange('words', 'This question no longer exists.');
    }

    /** @param array<string, EveningQuestion> $bank */
    private static function asked(array $bank): int
    {
        return count(array_filter($bank, static fn(EveningQuestion $question): bool => $question->is_asked));
    }
}
