<?php

declare(strict_types=1);

namespace App\Queries\Calendar\Answers;

use App\Queries\Goals\Answers\GoalRow;
use App\Queries\Parts\Answers\PeriodTag;
use App\Queries\Props;

/** The weeks of a year to scale, with its motto and main goal in words. */
final readonly class Rail implements Props
{
    /**
     * @param ?string $motto the year's
     * @param list<RailQuarter> $quarters
     * @param list<RailWeek> $weeks
     */
    public function __construct(
        public PeriodTag $year,
        public ?string $motto,
        public ?GoalRow $mainGoal,
        public array $quarters,
        public array $weeks,
    ) {
    }
}
