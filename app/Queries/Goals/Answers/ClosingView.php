<?php

declare(strict_types=1);

namespace App\Queries\Goals\Answers;

use App\Queries\Parts\Answers\AnswerLine;
use App\Queries\Parts\Answers\PeriodTag;
use App\Queries\Props;

/** A period to be closed: its open goals, and what became of the others. */
final readonly class ClosingView implements Props
{
    /**
     * @param list<ClosingRow> $open
     * @param list<ClosedGoal> $closed
     * @param list<AnswerLine> $written what one wrote about its goals in reviews
     * @param string $returnOn when the period after the next one begins, for what is shelved
     */
    public function __construct(
        public PeriodTag $period,
        public bool $isOver,
        public array $open,
        public array $closed,
        public string $returnOn,
        public array $written,
    ) {
    }
}
