<?php

declare(strict_types=1);

namespace App\Queries\Goals\Answers;

use App\Models\Goal;
use App\Queries\Parts\Answers\Gauge;
use App\Queries\Parts\Answers\PersonTag;
use App\Queries\Plan\Answers\Cord;
use App\Queries\Plan\ListedGoal;
use App\Queries\Plan\StoredPlan;
use App\Queries\Plan\Threads;
use App\Queries\Props;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Calendar\Horizon;
use Loftrin\Core\Goals\Figure;
use Loftrin\Core\Goals\Forecast;

/** A goal as a line or beam, with where it stands. */
final readonly class GoalRow implements Props
{
    /**
     * @param bool $isFirst whether it is first in line in its period
     * @param list<int> $quarters of a year goal: in which it is worked on
     * @param ?int $parent the goal it hangs on, if the viewer may see that
     * @param ?string $for its title
     */
    public function __construct(
        public int $id,
        public string $title,
        public Horizon $horizon,
        public string $period,
        public bool $isFirm,
        public bool $isFirst,
        public array $quarters,
        public bool $isPrivate,
        public bool $isClosed,
        public PersonTag $owner,
        public ?int $parent,
        public ?string $for,
        public ?Cord $cord,
        public Gauge $gauge,
    ) {
    }

    /** @param ?Forecast $forecast where its gauge is to show one */
    public static function of(Goal|ListedGoal $goal, StoredPlan $stored, Threads $threads, Day $on, ?Forecast $forecast = null): self
    {
        return self::with($goal, $stored->figure($goal, $on), $threads, $on, $forecast);
    }

    /** For who looks at its own period as a whole: with its result, whenever it was closed. */
    public static function ofPeriod(Goal|ListedGoal $goal, StoredPlan $stored, Threads $threads, Day $on): self
    {
        return self::with($goal, $stored->figureOfPeriod($goal, $on), $threads, $on);
    }

    private static function with(Goal|ListedGoal $goal, Figure $figure, Threads $threads, Day $on, ?Forecast $forecast = null): self
    {
        return new self(
            id: $goal->id,
            title: $goal->title,
            horizon: $goal->horizon,
            period: $goal->period,
            isFirm: $goal->is_firm,
            isFirst: $goal->is_first,
            quarters: $goal->quarters ?? [],
            isPrivate: $goal->isHidden(),
            isClosed: $figure->band->isResult(),
            owner: PersonTag::of($goal->owner),
            parent: $threads->goal($goal->parent_id)?->id,
            for: $threads->goal($goal->parent_id)?->title,
            cord: $threads->ofGoal($goal->id),
            gauge: Gauge::ofGoal($goal, $figure, $on, $forecast),
        );
    }
}
