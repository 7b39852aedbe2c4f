<?php

declare(strict_types=1);

namespace Loftrin\Core\Capture;

/** A line while it is read: what of it was understood already is not read again, and what is left at the end is the title. */
final class Line
{
    /** Where a clause ends: at the end, before a comma, or before what was understood (which reads as {@see self::TAKEN}). */
    public const END = '(?=\s*(?:$|[,;.!]|\x{FFFC}))';

    /** Where a clause begins. */
    public const BEGIN = '(?:^\s*|(?<=[,;\x{FFFC}])|(?<=[,;\x{FFFC}]\s))';

    /** Stands in the place of what was understood, letter by letter. */
    public const TAKEN = "\u{FFFC}";

    /** Stands in the place of what is not to be read. */
    private const PLAIN = '_';

    private string $left;

    /** @var array<int, Piece> by their place in the line */
    private array $pieces = [];

    /** @param list<string> $refused keys of pieces that are not meant */
    public function __construct(public readonly string $text, private readonly array $refused)
    {
        // What stands in quotation marks, and addresses, are read as they stand.
        $this->left = (string) preg_replace_callback(
            '~[“"][^”"]*[”"]|https?://\S+~u',
            static fn(array $found): string => str_repeat(self::PLAIN, mb_strlen($found[0])),
            $text,
        );
    }

    /**
     * Takes what a pattern finds, as often as it is found.
     *
     * @param callable(list<string>): ?Piece $read what it says, of the match and its groups; null if it says nothing
     */
    public function take(string $pattern, callable $read): void
    {
        for ($from = 0; preg_match("~$pattern~iu", $this->left, $found, PREG_OFFSET_CAPTURE, $from) === 1;) {
            [$match, $at] = $found[0];
            $from = $at + max(1, strlen($match));
            $piece = $read(array_map(static fn(array $group): string => $group[0], array_values($found)));

            if ($piece !== null && ! $this->isHedged($piece, $at) && $this->claim($piece, $at)) {
                $from = 0;
            }
        }
    }

    private function isHedged(Piece $piece, int $at): bool
    {
        return Hedges::hold(
            $piece->kind,
            substr($this->left, 0, $at),
            $piece->words,
            substr($this->left, $at + strlen($piece->words)),
        );
    }

    /** Claims the words of a piece that stand from a byte on, unless it was refused or is said already. */
    private function claim(Piece $piece, int $at): bool
    {
        if ($this->has($piece->kind)) {
            return false;
        }

        $isRefused = in_array($piece->key(), $this->refused, true);
        $before = substr($this->left, 0, $at);
        // The same length in letters, so that places stay what they are. Words that were refused are read no other way.
        $this->left =
            $before.
            str_repeat($isRefused ? self::PLAIN : self::TAKEN, mb_strlen($piece->words)).
            substr($this->left, $at + strlen($piece->words));

        if (! $isRefused) {
            $this->pieces[mb_strlen($before)] = $piece;
        }

        return true;
    }

    public function has(PieceKind $kind): bool
    {
        return array_filter($this->pieces, static fn(Piece $piece): bool => $piece->kind === $kind) !== [];
    }

    /** @return list<Piece> in the order of the line */
    public function pieces(): array
    {
        $pieces = $this->pieces;
        ksort($pieces);

        return array_values($pieces);
    }

    /** What is left once all that was understood is taken out, with the commas that held it. */
    public function title(): string
    {
        $letters = mb_str_split($this->text);
        $title = '';

        foreach (mb_str_split($this->left) as $place => $letter) {
            $title .= $letter === self::TAKEN ? self::TAKEN : $letters[$place];
        }

        if ($this->pieces === []) {
            return trim($title);
        }

        $taken = self::TAKEN.'+';
        // Brackets and a "~" that held nothing else go with it.
        $title = (string) preg_replace(["/\(\s*$taken\s*\)/u", "/~\s*(?=$taken)/u"], [self::TAKEN, ''], $title);
        $title = (string) preg_replace(
            ["/\s*[,;]?\s*$taken(?=\s*[,;.])/u", "/^(?:\s*[,;]?\s*$taken)+\s*[,;]?\s*/u", "/\s*[,;]?\s*$taken\s*$/u", "/\s*$taken\s*/u"],
            ['', '', '', ' '],
            $title,
        );

        return trim((string) preg_replace('/^[\s,;:]+|[\s,;]+$/u', '', $title));
    }
}
