<?php

declare(strict_types=1);

namespace App\Queries\Meetings\Answers;

use App\Queries\Props;

/** The agenda of a meeting that is still to come. */
final readonly class AgendaView implements Props
{
    /**
     * @param list<PlannedItem> $items in the order proposed
     * @param list<IssueRow> $wontFit
     * @param string $ends HH:MM on the wall
     * @param int $spare minutes that no issue takes
     * @param list<int> $arranged issues to which somebody gave an order by hand, in that order
     */
    public function __construct(
        public array $items,
        public array $wontFit,
        public string $ends,
        public int $spare,
        public array $arranged,
    ) {
    }
}
