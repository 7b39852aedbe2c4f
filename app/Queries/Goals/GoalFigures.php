<?php

declare(strict_types=1);

namespace App\Queries\Goals;

use App\Queries\Goals\Answers\ChartPoint;
use App\Queries\Goals\Answers\GoalRow;
use App\Queries\Goals\Answers\SumLine;
use App\Queries\Plan\StoredPlan;
use Loftrin\Core\Goals\Forecast;
use Loftrin\Core\Goals\Readiness;

/** All that a goal's page shows of figures as of a day. */
final readonly class GoalFigures
{
    /**
     * @param list<GoalRow> $above from the top of the thread down
     * @param list<GoalRow> $beneath
     * @param list<SumLine> $sum of a goal judged by its work
     * @param ?string $decided of a closed goal, what was decided beside what was computed
     * @param ?string $formula of any other: how its figure comes about
     * @param ?string $lag why it is behind, if it is
     * @param list<ChartPoint> $chart from the first day on, over the whole period
     */
    public function __construct(
        public StoredPlan $plan,
        public GoalRow $row,
        public array $above,
        public array $beneath,
        public array $sum,
        public ?string $decided,
        public ?string $formula,
        public array $chart,
        public ?Forecast $forecast,
        public ?Readiness $ready,
        public ?string $lag,
    ) {
    }
}
