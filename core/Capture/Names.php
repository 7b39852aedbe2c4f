<?php

declare(strict_types=1);

namespace Loftrin\Core\Capture;

/**
 * Finds who or what is meant by the words of a line. A word means a name by its beginning ("moor ork" is Moorings Orkney), and
 * survives a slip of the finger from five letters on.
 */
final readonly class Names
{
    /** Words that name nothing by themselves. */
    private const SMALL = ['the', 'a', 'an', 'of', 'and', 'in', 'on', 'to', 'for'];

    /** Letters that have to be there before a beginning counts. */
    private const LETTERS = 3;

    /** @var list<array{Name, list<string>}> each with its words, small */
    private array $known;

    /** @param iterable<Name> $names */
    public function __construct(iterable $names)
    {
        $known = [];

        foreach ($names as $name) {
            $known[] = [$name, self::words($name->words)];
        }

        $this->known = $known;
    }

    /**
     * Those that the words can mean: only the best of them, in their order.
     *
     * @return list<Name>
     */
    public function meaning(string $words, NameKind ...$kinds): array
    {
        $asked = self::words($words);
        $found = [];

        foreach ($this->known as [$name, $known]) {
            $rank = in_array($name->kind, $kinds, true) ? self::rank($asked, $known) : null;

            if ($rank !== null) {
                $found[$rank][] = $name;
            }
        }

        ksort($found);

        return array_values($found)[0] ?? [];
    }

    /**
     * How well the words mean a name: 0 is all of it, then its beginning, words within it, and what has slips. Null if not.
     *
     * @param list<string> $asked
     * @param list<string> $known
     */
    private static function rank(array $asked, array $known): ?int
    {
        if ($asked === [] || array_diff($asked, self::SMALL) === []) {
            return null;
        }

        if ($asked === $known) {
            return 0;
        }

        if (mb_strlen(implode('', $asked)) < self::LETTERS) {
            return null;
        }

        $begins = static fn(string $word, string $of): bool => str_starts_with($of, $word);

        return match (true) {
            self::places($asked, $known, static fn(string $word, string $of): bool => $word === $of) === 0 => 1,
            self::places($asked, $known, $begins) === 0 => 2,
            self::places($asked, $known, $begins) !== null => 3,
            self::places($asked, $known, self::isSlip(...)) !== null => 4,
            default => null,
        };
    }

    /**
     * At which word of the name the first is found, the others following in order; null if one is not.
     *
     * @param list<string> $asked
     * @param list<string> $known
     * @param callable(string, string): bool $means
     */
    private static function places(array $asked, array $known, callable $means): ?int
    {
        $first = null;
        $next = 0;

        foreach ($asked as $word) {
            while (isset($known[$next]) && ! $means($word, $known[$next])) {
                $next++;
            }

            if (! isset($known[$next])) {
                return null;
            }

            $first ??= $next;
            $next++;
        }

        return $first;
    }

    /** Whether a word is another, or its beginning, but for one slip; two in long words. */
    private static function isSlip(string $word, string $of): bool
    {
        $length = mb_strlen($word);

        if ($length < 5) {
            return str_starts_with($of, $word);
        }

        $most = $length < 9 ? 1 : 2;

        return min(
            levenshtein($word, $of),
            levenshtein($word, mb_substr($of, 0, $length)),
            levenshtein($word, mb_substr($of, 0, $length + 1)),
        ) <= $most;
    }

    /** @return list<string> */
    private static function words(string $text): array
    {
        preg_match_all('/[\p{L}\p{N}]+/u', mb_strtolower($text), $found);

        return $found[0];
    }
}
