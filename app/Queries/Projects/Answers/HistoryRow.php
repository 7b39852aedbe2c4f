<?php

declare(strict_types=1);

namespace App\Queries\Projects\Answers;

use App\Queries\Parts\Answers\PersonTag;
use App\Queries\Props;
use Loftrin\Core\Calendar\Day;

final readonly class HistoryRow implements Props
{
    /**
     * @param string $batch of the change it was part of
     * @param bool $mayUndo whether it is one of the viewer's own that was not undone yet
     * @param string $words after the name of who did it: "ticked"
     * @param ?string $what the title of the task or milestone; null for the project itself
     */
    public function __construct(
        public int $id,
        public string $batch,
        public PersonTag $by,
        public Day $on,
        public string $words,
        public ?string $what,
        public bool $mayUndo,
    ) {
    }
}
