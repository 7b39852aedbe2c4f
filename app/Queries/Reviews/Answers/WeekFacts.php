<?php

declare(strict_types=1);

namespace App\Queries\Reviews\Answers;

use App\Queries\Goals\Answers\GoalRow;
use App\Queries\Meetings\Answers\DecisionLine;
use App\Queries\Meetings\Answers\Occurrence;
use App\Queries\Props;
use App\Queries\Week\Answers\DoneShare;
use Loftrin\Core\Calendar\Day;

/** What happened in a week, as computed. Once a review is held they stay as they were seen. */
final readonly class WeekFacts implements Props
{
    /**
     * @param Day $asOf the end of the week, or today if that is earlier
     * @param int $minutes of work done
     * @param ?int $alignment per cent of it that served goals
     * @param ?int $before the same over the four weeks before
     * @param list<WorkShare> $work by thread
     * @param list<MovedGoal> $moved open quarter goals, worst first
     * @param list<GoalRow> $promised the week's goals
     * @param list<Occurrence> $meetings
     * @param ?StepsAgreed $nextSteps null of a week that was kept before they were counted
     * @param int $done tasks done
     * @param list<DoneShare> $byEffort
     * @param list<DoneShare> $byArea
     * @param list<DecisionLine> $decisions newest first
     * @param list<DayLine> $findings of the days
     * @param list<string> $blank working days with nothing written, YYYY-MM-DD
     * @param list<DayLine> $appointments of the week and of the next
     */
    public function __construct(
        public Day $asOf,
        public int $minutes,
        public ?int $alignment,
        public ?int $before,
        public array $work,
        public array $moved,
        public array $promised,
        public array $meetings,
        public ?StepsAgreed $nextSteps,
        public int $done,
        public int $late,
        public int $carried,
        public int $stuck,
        public int $withOthers,
        public int $withoutActivity,
        public int $tray,
        public array $byEffort,
        public array $byArea,
        public array $decisions,
        public array $findings,
        public array $blank,
        public array $appointments,
    ) {
    }
}
