<?php

declare(strict_types=1);

namespace App\Queries\Goals\Answers;

use App\Queries\Goals\LogKind;
use App\Queries\Props;
use Loftrin\Core\Calendar\Day;

/** One line of a goal's history. */
final readonly class LogEntry implements Props
{
    /**
     * @param string $key unlike that of any other line of the goal
     * @param int $order of two lines of one day the later one is greater
     * @param string $words after the name: "70 % sure", "Target 31 → 28"
     * @param ?string $text in the writer's own words
     * @param ?string $undo where it is undone, of a change of the viewer's own
     * @param ?string $remove where the viewer can take it out
     */
    public function __construct(
        public string $key,
        public LogKind $kind,
        public Day $on,
        public int $order,
        public ?string $who,
        public string $words,
        public ?string $text = null,
        public ?string $remove = null,
        public ?string $undo = null,
    ) {
    }
}
