<?php

declare(strict_types=1);

namespace Loftrin\Core\People;

/** Who is spoken to in a text: "@Elif Kaya, have a look" or "@elif". */
final readonly class Mentions
{
    /** So many letters of a first name are enough where no other begins with them. */
    private const ENOUGH = 3;

    /**
     * A first name is enough where only one person has it, and so is its beginning.
     *
     * @param array<int, string> $names of people, by id
     *
     * @return list<int> ids of those mentioned, in the order of the names
     */
    public static function in(string $text, array $names): array
    {
        return array_keys(array_filter(self::patterns($names), static fn(string $pattern): bool => preg_match($pattern, $text) === 1));
    }

    /**
     * @param array<int, string> $names of people
     *
     * @return list<string> each mention as it stands in the text, once: "@Elif Kaya"
     */
    public static function marked(string $text, array $names): array
    {
        $found = [];

        foreach (self::patterns($names) as $pattern) {
            preg_match_all($pattern, $text, $said);
            $found = [...$found, ...$said[0]];
        }

        return array_values(array_unique($found));
    }

    /**
     * @param array<int, string> $names
     *
     * @return array<int, string> what each person is spoken to by
     */
    private static function patterns(array $names): array
    {
        $firsts = array_map(static fn(string $name): string => mb_strtolower(explode(' ', $name)[0]), $names);
        $patterns = [];

        foreach ($names as $id => $name) {
            $wanted = [$name, ...self::beginnings($firsts[$id], $firsts)];
            $words = implode('|', array_map(static fn(string $word): string => preg_quote($word, '/'), $wanted));
            $patterns[$id] = "/(?<![\\p{L}\\p{N}])@(?:$words)(?![\\p{L}\\p{N}])/iu";
        }

        return $patterns;
    }

    /**
     * @param array<int, string> $firsts
     *
     * @return list<string> of a first name, those that are nobody else's
     */
    private static function beginnings(string $first, array $firsts): array
    {
        $length = mb_strlen($first);
        $all = array_map(static fn(int $letters): string => mb_substr($first, 0, $letters), range($length, min($length, self::ENOUGH)));

        return array_values(
            array_filter(
                $all,
                static fn(string $beginning): bool => count(
                    array_filter(
                        $firsts,
                        static fn(string $other): bool => $beginning === $first ? $other === $first : str_starts_with($other, $beginning),
                    ),
                ) === 1,
            ),
        );
    }
}
