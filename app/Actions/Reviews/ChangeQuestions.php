<?php

declare(strict_types=1);

namespace App\Actions\Reviews;

use App\Models\Answer;
use App\Models\Person;
use App\Models\ReviewQuestion;
use App\Queries\Parts\Questions;
use App\Store\ChangeLog;
use App\Store\RefusedChange;
use Illuminate\Support\Str;
use Loftrin\Core\Calendar\Horizon;
use Loftrin\Core\Reviews\AskedQuestion;

/** A person's own bank of questions: added, put in order, left out for a while. */
final readonly class ChangeQuestions
{
    /** So many questions are asked at most: a review takes twenty minutes. */
    private const MOST = 30;

    public function __construct(private ChangeLog $log)
    {
    }

    /**
     * @param bool $isCheck whether it is a line of the checklist, to be ticked
     *
     * @throws RefusedChange when it is asked already, or there are too many
     */
    public function add(Person $who, Horizon $horizon, string $words, bool $isCheck = false): void
    {
        $asked = Questions::of($horizon, $who);

        match (true) {
            in_array($words, array_column($asked, 'words'), true) => throw new RefusedChange('words', 'You are asked this already.'),
            count($asked) >= self::MOST => throw new RefusedChange('words', 'There are '.self::MOST.' questions. Delete one first.'),
            default => null,
        };

        $done = "Added the question “{$words}”";
        $this->log->change($who, $done, static function () use ($who, $horizon, $words, $asked, $isCheck): void {
            ReviewQuestion::query()->create([
                'person_id' => $who->id,
                'horizon' => $horizon,
                'key' => ($isCheck ? AskedQuestion::CHECK : 'own-').Str::lower(Str::random(12)),
                'words' => $words,
                'place' => count($asked) + 1,
            ]);
        });
    }

    /**
     * @param list<string> $keys of all of them, in the order wanted
     *
     * @throws RefusedChange when one of them is not asked any more
     */
    public function arrange(Person $who, Horizon $horizon, array $keys): void
    {
        $known = $this->keys($who, $horizon);

        if (array_diff($keys, $known) !== []) {
            throw new RefusedChange('questions', 'One of these questions no longer exists.');
        }

        $this->log->change($who, 'Put the questions in order', function () use ($who, $horizon, $keys): void {
            foreach ($keys as $place => $key) {
                $this->kept($who, $horizon, $key)
                    ->fill(['place' => $place + 1])
                    ->save();
            }
        });
    }

    /** @throws RefusedChange when there is no such question */
    public function rest(Person $who, Horizon $horizon, string $key, bool $isResting): void
    {
        $this->refuseUnknown($who, $horizon, $key);
        $place = (int) array_search($key, $this->keys($who, $horizon), true) + 1;

        $this->log->change($who, $isResting ? 'Rested a question' : 'Took up a question', function () use (
            $who,
            $horizon,
            $key,
            $isResting,
            $place,
        ): void {
            $kept = $this->kept($who, $horizon, $key);
            $kept->fill(['is_resting' => $isResting, 'place' => $kept->exists ? $kept->place : $place])->save();
        });
    }

    /** @throws RefusedChange when it is none of their own, or was answered: then it can rest */
    public function remove(Person $who, Horizon $horizon, string $key): void
    {
        $own = ReviewQuestion::query()
            ->where('person_id', $who->id)
            ->where('horizon', $horizon)
            ->where('key', $key)
            ->whereNotNull('words')
            ->first();

        match (true) {
            $own === null => throw new RefusedChange('question', 'This question no longer exists, or is not one you added.'),
            self::wasAnswered($key, $who) => throw new RefusedChange('question', 'You have answered this question. Let it rest instead.'),
            default => null,
        };

        $this->log->change($who, "Deleted the question “{$own->words}”", static fn() => $own->delete());
    }

    private static function wasAnswered(string $key, Person $who): bool
    {
        return Answer::query()->where('question', $key)->where('words', '<>', '')->of($who)->exists();
    }

    private function refuseUnknown(Person $who, Horizon $horizon, string $key): void
    {
        if (! in_array($key, $this->keys($who, $horizon), true)) {
            throw new RefusedChange('question', 'This question no longer exists.');
        }
    }

    /** @return list<string> */
    private function keys(Person $who, Horizon $horizon): array
    {
        return array_map(static fn(AskedQuestion $question): string => $question->key, Questions::of($horizon, $who));
    }

    private function kept(Person $who, Horizon $horizon, string $key): ReviewQuestion
    {
        return ReviewQuestion::query()->firstOrNew(['person_id' => $who->id, 'horizon' => $horizon->value, 'key' => $key]);
    }
}
