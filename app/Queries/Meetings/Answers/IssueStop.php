<?php

declare(strict_types=1);

namespace App\Queries\Meetings\Answers;

use App\Queries\Props;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Meetings\Outcome;

/** A meeting in which an issue was on the agenda. */
final readonly class IssueStop implements Props
{
    /**
     * @param bool $wasReached whether it was dealt with
     * @param list<DecisionRow> $decisions
     * @param list<MinutesStep> $nextSteps
     */
    public function __construct(
        public Day $on,
        public string $series,
        public string $link,
        public bool $wasReached,
        public ?Outcome $outcome,
        public array $decisions,
        public array $nextSteps,
    ) {
    }
}
