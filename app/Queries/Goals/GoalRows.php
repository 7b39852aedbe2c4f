<?php

declare(strict_types=1);

namespace App\Queries\Goals;

use App\Models\Person;
use App\Queries\Goals\Answers\GoalRow;
use App\Queries\Plan\ListedGoal;
use App\Queries\Plan\StoredPlan;
use App\Queries\Plan\StoredPlans;
use App\Queries\Plan\Threads;
use App\Store\Question;
use App\Store\Remembered;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Calendar\Period;

/** Goals that a person may see, with where they stand as of a day: kept until anything is changed. */
final readonly class GoalRows
{
    public function __construct(private StoredPlans $plans, private Remembered $remembered)
    {
    }

    /** @return array<int, GoalRow> every goal of a year by id, in their order, with its result if its period is over */
    public function ofYear(Period $year, Person $viewer, Day $on): array
    {
        return $this->remembered->of(
            Question::by($viewer, 'goals of a year', $year->name, $on),
            fn(): array => self::rows($this->plans->ofYear($year, $viewer), $this->plans->threads($viewer, $year), $on),
        );
    }

    /**
     * Only some of a year's goals, without what the figures of the others rest on; with their results where their periods are over.
     *
     * @param list<int> $goals ids
     * @param Period $within a period of the year that they belong to
     *
     * @return array<int, GoalRow> by id, in the order of the year
     */
    public function only(array $goals, Period $within, Person $viewer, Day $on): array
    {
        return $goals === []
            ? []
            : $this->remembered->of(
                Question::by($viewer, 'goals', $on, ...$goals),
                fn(): array => self::rows($this->plans->beneath($goals, $viewer), $this->plans->threads($viewer, $within), $on, $goals),
            );
    }

    /**
     * @param ?list<int> $only ids of those asked for; null for all
     *
     * @return array<int, GoalRow>
     */
    private static function rows(StoredPlan $stored, Threads $threads, Day $on, ?array $only = null): array
    {
        $stored->prepare([$on]);

        return array_map(static fn(ListedGoal $goal): GoalRow => GoalRow::ofPeriod($goal, $stored, $threads, $on), $stored->listed($only));
    }
}
