<?php

declare(strict_types=1);

namespace App\Queries\Reviews\Answers;

use App\Queries\Meetings\Answers\DecisionLine;
use App\Queries\Props;
use App\Queries\Week\Answers\DoneShare;
use Loftrin\Core\Calendar\Day;

/** What happened in a month, quarter or year, as computed. Once a review is held they stay as they were seen. */
final readonly class PeriodFacts implements Props
{
    /**
     * @param Day $asOf the end of the period, or today if that is earlier
     * @param int $minutes of work done
     * @param ?int $alignment per cent of it that led to goals
     * @param ?int $before the same over the four periods before
     * @param int $done tasks done
     * @param list<PromisedGoal> $goals of the period; of a year, with those of its quarters
     * @param ?string $estimates how good what was said of their chances was, in a sentence; null with too few to say
     * @param list<HoursOfWeek> $weeks
     * @param list<DoneShare> $byGoal
     * @param list<DoneShare> $byArea
     * @param list<EffortSpent> $efforts
     * @param list<AssumptionSeen> $assumptions
     * @param list<string> $tradeOffs
     * @param list<DecisionLine> $decisions newest first
     * @param int $reviewed weeks of it that were reviewed
     * @param int $of weeks of it that are over
     */
    public function __construct(
        public Day $asOf,
        public int $minutes,
        public ?int $alignment,
        public ?int $before,
        public int $done,
        public array $goals,
        public ?string $estimates,
        public array $weeks,
        public array $byGoal,
        public array $byArea,
        public array $efforts,
        public array $assumptions,
        public array $tradeOffs,
        public array $decisions,
        public int $reviewed,
        public int $of,
    ) {
    }
}
