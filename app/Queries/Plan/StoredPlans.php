<?php

declare(strict_types=1);

namespace App\Queries\Plan;

use App\Models\Person;
use App\Models\Workspace;
use App\Store\Question;
use App\Store\Remembered;
use Loftrin\Core\Calendar\Period;

/** The plans that one request needs, each loaded once: the frame and the screen share them. */
final class StoredPlans
{
    /** @var array<string, StoredPlan> by year and person */
    private array $plans = [];

    /** @var array<string, Threads> by year and person */
    private array $threads = [];

    public function __construct(private readonly Workspace $workspace, private readonly Remembered $remembered)
    {
    }

    public function ofYear(Period $year, ?Person $viewer): StoredPlan
    {
        return $this->plans["$year $viewer?->id"] ??= StoredPlan::ofYear($this->workspace, $viewer, $year);
    }

    /**
     * Only what the figures of a few goals rest on.
     *
     * @param list<int> $goals ids
     */
    public function beneath(array $goals, ?Person $viewer): StoredPlan
    {
        foreach ($this->plans as $plan) {
            if ($plan->viewer?->id === $viewer?->id && array_filter($goals, static fn(int $goal): bool => ! $plan->shows($goal)) === []) {
                return $plan;
            }
        }

        return StoredPlan::beneath($this->workspace, $viewer, $goals);
    }

    /** The threads of the year that holds the period, or of the present one. */
    public function threads(?Person $viewer, ?Period $within = null): Threads
    {
        $calendar = $this->workspace->calendar();
        $year = $calendar->yearOf($within === null ? $this->workspace->today() : $within->anchor());

        return $this->threads["$year $viewer?->id"] ??= new Threads(
            $this->remembered->of(
                $viewer === null ? Question::ofAll('outline', $year->name) : Question::by($viewer, 'outline', $year->name),
                static fn(): Outline => Outline::ofYear($year, $viewer),
            ),
            $viewer,
        );
    }

    /** The plan of the year that holds the period. */
    public function holding(Period $period, ?Person $viewer): StoredPlan
    {
        return $this->ofYear($this->workspace->calendar()->yearOf($period->anchor()), $viewer);
    }
}
