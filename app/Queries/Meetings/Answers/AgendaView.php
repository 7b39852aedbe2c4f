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
     * @param bool $isArranged whether somebody gave its issues an order by hand
     */
    public function __construct(
        public array $items,
        public array $wontFit,
        public string $ends,
        public int $spare,
        public bool $isArranged,
    ) {
    }
}
