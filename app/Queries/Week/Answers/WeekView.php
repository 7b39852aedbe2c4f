<?php

declare(strict_types=1);

namespace App\Queries\Week\Answers;

use App\Queries\Goals\Answers\AskedGoal;
use App\Queries\Goals\Answers\GoalParts;
use App\Queries\Goals\Answers\GoalRow;
use App\Queries\Parts\Answers\PeriodTag;
use App\Queries\Parts\Answers\PersonTag;
use App\Queries\Parts\Answers\TaskRow;
use App\Queries\Props;

final readonly class WeekView implements Props
{
    /**
     * @param string $when "past", "now" or "ahead"
     * @param ?string $place "second day of five"
     * @param ?string $words the team's week in a line
     * @param ?string $line the viewer's own
     * @param list<GoalRow> $goals firm ones first
     * @param list<GoalHours> $goalHours what the week plans for each of the goals
     * @param list<GoalParts> $parts what carries the open goals whose period holds the week
     * @param list<TaskRow> $carriedOver open tasks carried into this week, most often first
     * @param list<WeekDay> $days working days, and others on which there is something
     * @param ?WeekHours $hours of what is left of it; null when it is over
     * @param list<TaskRow> $due with no time planned and due in it; of the present one also what is late
     * @param list<TaskRow> $noDay planned for the week, on no day
     * @param list<TaskRow> $offered planned for a month, quarter or year that has begun
     * @param list<LeftRow> $left of a past week: planned for it and not done in it
     * @param ?KeptWeekRow $kept what a past week came to
     * @param ?PlanPace $pace of a week that is not over, against the last ones
     * @param list<PersonTag> $people
     * @param list<AskedGoal> $asked of one's own: how likely they are
     * @param ?PassedWeek $passed of a past week
     */
    public function __construct(
        public PeriodTag $week,
        public string $when,
        public ?string $place,
        public ?string $words,
        public ?string $line,
        public PersonTag $whose,
        public array $goals,
        public array $goalHours,
        public array $parts,
        public array $carriedOver,
        public array $days,
        public ?WeekHours $hours,
        public array $due,
        public array $noDay,
        public array $offered,
        public array $left,
        public ?KeptWeekRow $kept,
        public ?PlanPace $pace,
        public array $people,
        public array $asked,
        public ?PassedWeek $passed,
        public bool $isReviewed,
    ) {
    }
}
