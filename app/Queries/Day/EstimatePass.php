<?php

declare(strict_types=1);

namespace App\Queries\Day;

use App\Models\Person;
use App\Models\Workspace;
use App\Queries\Day\Answers\DuePass;
use App\Queries\Goals\AskedGoals;

/** Asks owners once a week, from a day that the leads choose, how likely their goals are. */
final readonly class EstimatePass
{
    public function __construct(private Workspace $workspace, private AskedGoals $asked)
    {
    }

    public function of(Person $viewer): ?DuePass
    {
        $week = $this->workspace->calendar()->weekOf($this->workspace->today());
        $own = $this->asked->isDue($week) ? $this->asked->unsaid($viewer, $week)->count() : 0;

        return $own === 0
            ? null
            : new DuePass(
                'estimates',
                'Say how your goals stand',
                $own === 1 ? '1 goal, a chance and a line' : "$own goals, a chance and a line each",
                route('reviews.team', $week->name, false),
                true,
            );
    }
}
