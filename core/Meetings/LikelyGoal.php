<?php

declare(strict_types=1);

namespace Loftrin\Core\Meetings;

/**
 * The goal that an issue is most likely about: the one whose title shares the most words with it. Endings do not matter
 * ("mooring" is "moorings"), short words do not count. Where two are as likely none is proposed.
 */
final readonly class LikelyGoal
{
    /** Letters that a word needs to count. */
    private const LETTERS = 4;

    /** Letters by which two words are the same. */
    private const STEM = 5;

    /** Words that say nothing of what something is about. */
    private const COMMON = [
        'with',
        'from',
        'that',
        'this',
        'should',
        'what',
        'when',
        'have',
        'each',
        'every',
        'more',
        'than',
        'their',
        'about',
    ];

    /**
     * @param array<int, string> $goals titles by id
     *
     * @return ?int the id
     */
    public static function of(string $issue, array $goals): ?int
    {
        $asked = self::stems($issue);
        $shared = array_filter(
            array_map(static fn(string $title): int => count(array_intersect($asked, self::stems($title))), $goals),
            static fn(int $words): bool => $words > 0,
        );

        if ($shared === []) {
            return null;
        }

        $likely = array_keys($shared, max($shared), true);

        return count($likely) === 1 ? $likely[0] : null;
    }

    /** @return list<string> */
    private static function stems(string $words): array
    {
        $found = preg_split('/[^\p{L}\p{N}]+/u', mb_strtolower($words), -1, PREG_SPLIT_NO_EMPTY);
        $counted = array_filter(
            $found === false ? [] : $found,
            static fn(string $word): bool => mb_strlen($word) >= self::LETTERS && ! in_array($word, self::COMMON, true),
        );

        return array_values(array_unique(array_map(static fn(string $word): string => mb_substr($word, 0, self::STEM), $counted)));
    }
}
