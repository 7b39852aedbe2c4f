<?php

declare(strict_types=1);

namespace App\Queries\Direction\Answers;

use App\Queries\Props;

/** Where we are going: purpose, long-term goals, the year with its motto and goals, the quarters. */
final readonly class DirectionView implements Props
{
    /**
     * @param list<PeriodLine> $quarters
     * @param list<PlacedGoal> $goals of the year, those with an long-term goal first
     * @param bool $mayChange whether the viewer may say where we are going
     */
    public function __construct(
        public LongTerm $longTerm,
        public PeriodLine $year,
        public array $quarters,
        public array $goals,
        public bool $mayChange,
    ) {
    }
}
