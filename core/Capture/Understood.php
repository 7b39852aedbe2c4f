<?php

declare(strict_types=1);

namespace Loftrin\Core\Capture;

/** A jotted line as it was understood. */
final readonly class Understood
{
    /**
     * @param string $title what is left of the line, to the letter; the whole line where nothing else would be left
     * @param list<Piece> $pieces in the order of the line
     */
    public function __construct(public string $title, public array $pieces)
    {
    }

    public function piece(PieceKind $kind): ?Piece
    {
        foreach ($this->pieces as $piece) {
            if ($piece->kind === $kind) {
                return $piece;
            }
        }

        return null;
    }
}
