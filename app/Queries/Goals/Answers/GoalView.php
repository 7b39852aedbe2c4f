<?php

declare(strict_types=1);

namespace App\Queries\Goals\Answers;

use App\Models\Rest;
use App\Queries\Parts\Answers\PeriodTag;
use App\Queries\Parts\Answers\PersonTag;
use App\Queries\Parts\Answers\ReturnRow;
use App\Queries\Parts\Answers\TaskRow;
use App\Queries\Props;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Goals\MeasureKind;
use Loftrin\Core\Goals\Readiness;

/** Everything that a goal's page shows. */
final readonly class GoalView implements Props
{
    /**
     * @param Day $on the day as of which all is shown
     * @param int $daysLeft working days that are left, today included
     * @param ?string $lag why it is behind, if it is
     * @param ?string $noForecast why there is no forecast, if there is none
     * @param ?ClosingOffer $closing of an open goal that the viewer may close
     * @param ?GoalTag $predecessor the goal that it carries on
     * @param list<GoalTag> $successors the goals that carry it on
     * @param ?LongTermGoalTag $longTermGoal on which the top of its thread hangs
     * @param list<GoalRow> $above from the top of the thread down
     * @param list<GoalRow> $beneath
     * @param ?TaskRow $nextStep what can be done for it now
     * @param list<SumLine> $sum of a goal judged by its work
     * @param ?string $decided of a closed goal, what was decided beside what was computed
     * @param ?string $formula of any other: how its figure comes about
     * @param list<ChartPoint> $chart from the first day on, over the whole period
     * @param list<ChartPoint> $checkpoints
     * @param list<PersonTag> $people
     * @param list<ReadingRow> $readings newest first
     * @param list<TaskRow> $tasks its own, not those of its projects
     * @param list<LogEntry> $history newest first
     * @param list<ReturnRow> $returns when it comes back to the reader's tray
     */
    public function __construct(
        public GoalRow $goal,
        public ?string $why,
        public PeriodTag $period,
        public Day $on,
        public bool $isPast,
        public int $daysLeft,
        public bool $mayChange,
        public MeasureKind $measure,
        public ?string $unit,
        public ?Day $closedOn,
        public ?string $closingLine,
        public ?Rest $rest,
        public ?Readiness $ready,
        public ?ClosingOffer $closing,
        public ?GoalTag $predecessor,
        public array $successors,
        public ?LongTermGoalTag $longTermGoal,
        public array $above,
        public array $beneath,
        public ?TaskRow $nextStep,
        public array $sum,
        public ?string $decided,
        public ?string $formula,
        public ?string $lag,
        public ?string $noForecast,
        public array $chart,
        public array $checkpoints,
        public ?ForecastView $forecast,
        public ?EstimateView $estimate,
        public ?GoalParts $parts,
        public array $people,
        public array $readings,
        public array $tasks,
        public array $history,
        public FollowedBy $followedBy,
        public array $returns,
    ) {
    }
}
