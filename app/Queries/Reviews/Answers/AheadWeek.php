<?php

declare(strict_types=1);

namespace App\Queries\Reviews\Answers;

use App\Queries\Parts\Answers\PeriodTag;
use App\Queries\Parts\Answers\TaskRow;
use App\Queries\Props;
use App\Queries\Week\Answers\WeekDay;
use App\Queries\Week\Answers\WeekHours;

/** The week that the decisions of a review fill. */
final readonly class AheadWeek implements Props
{
    /**
     * @param list<WeekDay> $days
     * @param list<TaskRow> $noDay planned for the week, without a day
     */
    public function __construct(public PeriodTag $week, public ?WeekHours $hours, public array $days, public array $noDay)
    {
    }
}
