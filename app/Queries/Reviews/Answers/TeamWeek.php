<?php

declare(strict_types=1);

namespace App\Queries\Reviews\Answers;

use App\Queries\Parts\Answers\PeriodTag;
use App\Queries\Props;

/** The team's week: every goal of the quarter, what changed first. */
final readonly class TeamWeek implements Props
{
    /**
     * @param list<TeamGoal> $changed since the week before, the largest change first
     * @param list<TeamGoal> $others
     * @param list<string> $silent names of owners who have said nothing in this week
     * @param string $asksOn the weekday from which they are asked, "thursday"
     * @param list<Disagreement> $differing to a lead: where owner and forecast differ most
     * @param ?list<string> $reviewed to a lead: names of those who finished their review of the week
     */
    public function __construct(
        public PeriodTag $week,
        public array $changed,
        public array $others,
        public array $silent,
        public string $asksOn,
        public bool $mayChange,
        public ?array $reviewed,
        public array $differing,
    ) {
    }
}
