<?php

declare(strict_types=1);

namespace App\Queries\Day\Answers;

use App\Models\LogLine;
use App\Queries\Props;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Day\LogTag;

/** A line of the log of a day. */
final readonly class LogRow implements Props
{
    /** @param string $at HH:MM */
    public function __construct(
        public int $id,
        public Day $on,
        public string $at,
        public string $words,
        public ?LogTag $tag,
        public bool $isWorthTelling,
    ) {
    }

    public static function of(LogLine $line): self
    {
        return new self($line->id, $line->on, $line->at, $line->words, $line->tag, $line->is_worth_telling);
    }
}
