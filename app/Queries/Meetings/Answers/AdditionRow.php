<?php

declare(strict_types=1);

namespace App\Queries\Meetings\Answers;

use App\Queries\Props;
use Loftrin\Core\Calendar\Day;

/** What was added to final minutes. */
final readonly class AdditionRow implements Props
{
    /**
     * @param string $at HH:MM
     * @param ?string $item on which, if it is about one
     */
    public function __construct(
        public int $id,
        public string $who,
        public Day $on,
        public string $at,
        public ?string $item,
        public string $words,
    ) {
    }
}
