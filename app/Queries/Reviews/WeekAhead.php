<?php

declare(strict_types=1);

namespace App\Queries\Reviews;

use App\Models\Person;
use App\Models\Workspace;
use App\Queries\Parts\Answers\PeriodTag;
use App\Queries\Reviews\Answers\AheadWeek;
use App\Queries\Week\WeekPlans;
use Loftrin\Core\Calendar\Period;

/** The week that decisions about what is left over fill. */
final readonly class WeekAhead
{
    public function __construct(private Workspace $workspace, private WeekPlans $weeks)
    {
    }

    /** The week after, or the present one where that is over too. */
    public function after(Period $week, Person $person): AheadWeek
    {
        $calendar = $this->workspace->calendar();
        $present = $calendar->weekOf($this->workspace->today());
        $after = $calendar->next($week);
        $ahead = $after->span->first->isBefore($present->span->first) ? $present : $after;
        $plan = $this->weeks->of($ahead, $person, $person);

        return new AheadWeek(PeriodTag::of($ahead, $calendar), $plan->hours, $plan->days, $plan->noDay);
    }
}
