<?php

declare(strict_types=1);

namespace App\Queries\Goals;

use App\Models\Goal;
use App\Models\Person;
use App\Models\Workspace;
use Loftrin\Core\Calendar\Period;

/** Beneath which goal one goes on in a later period. */
final readonly class NextParent
{
    public function __construct(private Workspace $workspace)
    {
    }

    /** The goal that it hung on, or the open one that carries that on, whose period holds the next; null where there is none. */
    public function of(Goal $goal, Period $next, Person $viewer): ?int
    {
        $calendar = $this->workspace->calendar();
        $seen = [];

        for ($above = $goal->parent; $above !== null && ! isset($seen[$above->id]); $above = $above->successors()->latest('id')->first()) {
            $seen[$above->id] = true;

            if ($above->closed_on === null && $above->isVisibleTo($viewer) && $calendar->period($above->period)->holds($next)) {
                return $above->id;
            }
        }

        return null;
    }
}
