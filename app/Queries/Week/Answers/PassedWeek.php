<?php

declare(strict_types=1);

namespace App\Queries\Week\Answers;

use App\Queries\Meetings\Answers\DecisionLine;
use App\Queries\Parts\Answers\AnswerLine;
use App\Queries\Props;

/** What is known of a week that is over besides its plan: what was decided, what one wrote, who was away. */
final readonly class PassedWeek implements Props
{
    /**
     * @param list<DecisionLine> $decisions newest first
     * @param list<AnswerLine> $written by the viewer, in its days and in its review
     * @param list<AwayRow> $away
     */
    public function __construct(public array $decisions, public array $written, public array $away)
    {
    }
}
