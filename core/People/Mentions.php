<?php

declare(strict_types=1);

namespace Loftrin\Core\People;

/** Who is spoken to in a text: "@Elif Kaya, have a look" or "@elif". */
final readonly class Mentions
{
    /**
     * A first name is enough where only one person has it.
     *
     * @param array<int, string> $names of people, by id
     *
     * @return list<int> ids of those mentioned, in the order of the names
     */
    public static function in(string $text, array $names): array
    {
        $firsts = array_map(static fn(string $name): string => mb_strtolower(explode(' ', $name)[0]), $names);
        $often = array_count_values($firsts);
        $found = [];

        foreach ($names as $id => $name) {
            $wanted = $often[$firsts[$id]] === 1 ? [$name, $firsts[$id]] : [$name];
            $pattern = implode('|', array_map(static fn(string $word): string => preg_quote($word, '/'), $wanted));

            if (preg_match("/(?<![\\p{L}\\p{N}])@(?:$pattern)(?![\\p{L}\\p{N}])/iu", $text) === 1) {
                $found[] = $id;
            }
        }

        return $found;
    }
}
