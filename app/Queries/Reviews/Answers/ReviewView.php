<?php

declare(strict_types=1);

namespace App\Queries\Reviews\Answers;

use App\Queries\Goals\Answers\AskedGoal;
use App\Queries\Parts\Answers\PeriodTag;
use App\Queries\Parts\Answers\PersonTag;
use App\Queries\Props;

final readonly class ReviewView implements Props
{
    /**
     * @param ?WeekFacts $facts as computed now; null once the review was held
     * @param ?array<string, mixed> $kept as they were seen when it was held
     * @param ?string $heldAt YYYY-MM-DD
     * @param list<QuestionRow> $questions
     * @param list<Resolution> $resolutions what one wanted to do differently, the last one first
     * @param string $month to whose review a finding of it goes up
     * @param list<LeftOver> $leftOver what is still to be decided
     * @param list<PersonTag> $people
     * @param list<AskedGoal> $asked of one's own: how likely they are
     * @param ?AheadWeek $ahead what the decisions fill; null once it was held
     */
    public function __construct(
        public PeriodTag $week,
        public ?WeekFacts $facts,
        public ?array $kept,
        public ?string $heldAt,
        public Sharing $sharing,
        public bool $hasBegun,
        public array $questions,
        public array $resolutions,
        public string $month,
        public array $leftOver,
        public array $people,
        public array $asked,
        public ?AheadWeek $ahead,
    ) {
    }
}
