<?php

declare(strict_types=1);

namespace App\Queries\Reviews\Answers;

use App\Queries\Parts\Answers\PersonTag;
use App\Queries\Plan\Answers\Cord;
use App\Queries\Props;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Reviews\TellingSource;

/** Something that is worth telling. */
final readonly class TellingLine implements Props
{
    /**
     * @param ?Cord $cord the thread it led to, of a task
     * @param string $link where it was done or written
     * @param bool $mayMark whether the reader may take the mark off
     */
    public function __construct(
        public TellingSource $source,
        public int $id,
        public Day $on,
        public string $words,
        public PersonTag $by,
        public ?Cord $cord,
        public string $link,
        public bool $mayMark,
    ) {
    }
}
