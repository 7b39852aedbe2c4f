<?php

declare(strict_types=1);

namespace App\Queries\Goals\Answers;

use App\Queries\Parts\Answers\Option;
use App\Queries\Parts\Answers\PeriodTag;
use App\Queries\Parts\Answers\PersonTag;
use App\Queries\Props;
use Loftrin\Core\Calendar\Day;

/** A year, quarter, month or week with its goals, and those of the longer periods above it. */
final readonly class YearView implements Props
{
    /**
     * @param PeriodTag $period what is drawn
     * @param list<PeriodTag> $above the longer periods that hold it, the year first
     * @param Day $on the day as of which all is shown
     * @param bool $isPast whether that is another day than today
     * @param bool $holdsOn whether that day lies in what is drawn
     * @param ?GoalRow $slackest the open year goal that is furthest behind its pace
     * @param ?string $lag why it is behind, of what is judged by its work
     * @param list<YearFloor> $floors
     * @param list<PersonTag> $people
     * @param list<Option> $groups
     * @param list<Option> $areas
     * @param list<Option> $threads
     */
    public function __construct(
        public PeriodTag $period,
        public array $above,
        public Day $on,
        public bool $isPast,
        public bool $holdsOn,
        public ?GoalRow $slackest,
        public ?string $lag,
        public array $floors,
        public YearFilter $filter,
        public array $people,
        public array $groups,
        public array $areas,
        public array $threads,
    ) {
    }
}
