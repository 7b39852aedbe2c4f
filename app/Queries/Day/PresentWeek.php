<?php

declare(strict_types=1);

namespace App\Queries\Day;

use App\Queries\Goals\Answers\GoalRow;
use App\Queries\Week\WeekPlan;
use Loftrin\Core\Calendar\Period;

/** The week that a day is of, as far as the day says something of it. */
final readonly class PresentWeek
{
    /**
     * @param ?string $words what the person said of it in a line, or else the team
     * @param list<GoalRow> $goals
     */
    public function __construct(public Period $period, public ?string $words, public array $goals, public WeekPlan $plan)
    {
    }
}
