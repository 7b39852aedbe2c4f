<?php

declare(strict_types=1);

namespace App\Queries\Capture\Answers;

use App\Queries\Props;
use Loftrin\Core\Capture\Understood;

/** A line as it was understood. */
final readonly class ReadLine implements Props
{
    /**
     * @param string $title what is left of it
     * @param list<ReadPiece> $pieces in its order
     */
    public function __construct(public string $title, public array $pieces)
    {
    }

    public static function of(Understood $line): self
    {
        return new self($line->title, array_map(ReadPiece::of(...), $line->pieces));
    }
}
