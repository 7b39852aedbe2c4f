<?php

declare(strict_types=1);

namespace App\Queries\Goals;

use App\Models\Goal;
use App\Models\Person;
use App\Models\Workspace;
use App\Queries\Plan\Beneath;
use Loftrin\Core\Calendar\Period;

/** Beneath which goal one goes on in a later period. */
final class NextParent
{
    /** @var array<string, ?int> what was found, by the goal above, the period and who asks: goals of one pass share them */
    private array $known = [];

    public function __construct(private readonly Workspace $workspace)
    {
    }

    /** The goal that it hung on, or the open one that carries that on, whose period holds the next; null where there is none. */
    public function of(Goal $goal, Period $next, Person $viewer): ?int
    {
        $key = "$goal->parent_id $next->name $viewer->id";

        if (! array_key_exists($key, $this->known)) {
            $this->known[$key] = $this->find($goal->parent, $next, $viewer);
        }

        return $this->known[$key];
    }

    private function find(?Goal $above, Period $next, Person $viewer): ?int
    {
        $calendar = $this->workspace->calendar();
        $seen = [];

        for (; $above !== null && ! isset($seen[$above->id]); $above = $above->successors()->latest('id')->first()) {
            $seen[$above->id] = true;

            if ($above->closed_on === null && $above->isVisibleTo($viewer) && $calendar->period($above->period)->holds($next)) {
                return $above->id;
            }
        }

        return null;
    }
}
