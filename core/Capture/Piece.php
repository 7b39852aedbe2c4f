<?php

declare(strict_types=1);

namespace Loftrin\Core\Capture;

/** One thing that was understood of a line, with the words it came from. */
final readonly class Piece
{
    /**
     * @param string $words as they stand in the line
     * @param string $value in the form that its kind says; '' where it is a name, or needs none
     * @param list<Name> $names whom or what it may mean, the likeliest first; more than one has to be asked about
     */
    public function __construct(public PieceKind $kind, public string $words, public string $value = '', public array $names = [])
    {
    }

    /** Names it among the pieces of its line: who refuses it says this. */
    public function key(): string
    {
        return "{$this->kind->value} ".mb_strtolower($this->words);
    }

    /** Whether it may mean several things. */
    public function isAmbiguous(): bool
    {
        return count($this->names) > 1;
    }
}
