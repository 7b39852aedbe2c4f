<?php

declare(strict_types=1);

namespace App\Queries\Reviews\Answers;

use App\Queries\Parts\Answers\PeriodTag;
use App\Queries\Props;
use Loftrin\Core\Calendar\Horizon;
use Loftrin\Core\Reviews\FindingLevel;

/** The review of a month, quarter or year. */
final readonly class PeriodReviewView implements Props
{
    /**
     * @param ?PeriodFacts $facts as computed now; null once the review was held
     * @param ?array<string, mixed> $kept as they were seen when it was held
     * @param ?string $heldAt YYYY-MM-DD
     * @param list<QuestionRow> $questions
     * @param list<DigestRow> $digest what it begins with, in the order of time
     * @param list<FollowLine> $follows what is started, stopped or continued, with what became of it
     * @param ?FindingLevel $upTo to which review a finding of it goes up
     * @param ?string $plan where the period after it is planned
     * @param string $close where its goals are closed
     * @param list<MonthLine> $months of a year, in one line each
     * @param list<DayLine> $direction of a year: what changed in long-term goals and motto
     * @param ?int $thinning in a quarter: how many tasks have no recent activity, or lie on the shelf
     */
    public function __construct(
        public PeriodTag $period,
        public Horizon $horizon,
        public ?PeriodFacts $facts,
        public ?array $kept,
        public ?string $heldAt,
        public Sharing $sharing,
        public bool $hasBegun,
        public array $questions,
        public array $digest,
        public array $follows,
        public ?FindingLevel $upTo,
        public ?string $plan,
        public string $close,
        public array $months,
        public array $direction,
        public ?int $thinning,
    ) {
    }
}
