<?php

declare(strict_types=1);

namespace Loftrin\Core\Reviews;

use Loftrin\Core\Calendar\Horizon;

/** What somebody is asked in a review: the questions that come with it, one for each of their roles, and their own. */
final readonly class QuestionBank
{
    /**
     * By their places; what has none stands where it comes: those built in, then roles, then own ones.
     *
     * @param array<string, string> $roles names by key
     * @param array<string, string> $own words by key
     * @param array<string, int> $places from 1, by key
     * @param list<string> $resting keys
     *
     * @return list<AskedQuestion>
     */
    public static function of(Horizon $horizon, array $roles, array $own, array $places, array $resting): array
    {
        $known = [];

        foreach (Question::of($horizon) as $question) {
            $known[$question->value] = [$question->words(), false];
        }

        foreach ($horizon === Horizon::Week ? $roles : [] as $key => $role) {
            $known[$key] = ["As $role", false];
        }

        foreach ($own as $key => $words) {
            $known[$key] = [$words, true];
        }

        $keys = array_keys($known);
        $at = array_map(static fn(string $key, int $place): int => $places[$key] ?? $place + 1, $keys, array_keys($keys));
        array_multisort($at, array_keys($keys), $keys);

        return array_map(
            static fn(string $key): AskedQuestion => new AskedQuestion(
                $key,
                $known[$key][0],
                $known[$key][1],
                in_array($key, $resting, true),
            ),
            $keys,
        );
    }
}
