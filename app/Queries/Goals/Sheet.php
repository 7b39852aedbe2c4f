<?php

declare(strict_types=1);

namespace App\Queries\Goals;

use App\Queries\Parts\PeriodTag;
use App\Queries\Props;
use Loftrin\Core\Calendar\Day;

final readonly class Sheet implements Props
{
    /**
     * @param ?Day              $today    null when the year is another
     * @param list<GoalRow>     $goals
     * @param list<SheetColumn> $quarters
     * @param list<SheetColumn> $months   none while no goal is for a month
     * @param list<SheetColumn> $weeks
     */
    public function __construct(
        public PeriodTag $year,
        public ?Day $today,
        public ?GoalRow $slackest,
        public array $goals,
        public array $quarters,
        public array $months,
        public array $weeks,
    ) {
    }
}
