<?php

declare(strict_types=1);

namespace App\Queries\Capture\Answers;

use App\Queries\Parts\Answers\Option;
use App\Queries\Props;
use Loftrin\Core\Capture\Name;
use Loftrin\Core\Capture\Piece;
use Loftrin\Core\Capture\PieceKind;

/** One thing that was understood of a line. */
final readonly class ReadPiece implements Props
{
    /**
     * @param string $key by which it is refused
     * @param string $words as they stand in the line
     * @param string $value a date, a period, a time, minutes or a word; '' where it is a name
     * @param list<Option> $choices whom or what it may mean, as "project 12"; more than one has to be asked about
     */
    public function __construct(
        public string $key,
        public PieceKind $kind,
        public string $words,
        public string $value,
        public array $choices,
    ) {
    }

    public static function of(Piece $piece): self
    {
        return new self(
            $piece->key(),
            $piece->kind,
            trim($piece->words),
            $piece->value,
            array_map(static fn(Name $name): Option => new Option("{$name->kind->value} $name->id", $name->words), $piece->names),
        );
    }
}
