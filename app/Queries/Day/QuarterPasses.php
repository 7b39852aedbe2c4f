<?php

declare(strict_types=1);

namespace App\Queries\Day;

use App\Models\Goal;
use App\Models\Person;
use App\Models\Planning;
use App\Models\Workspace;
use App\Queries\Day\Answers\DuePass;
use App\Queries\Direction\Answers\StretchTag;
use App\Queries\Direction\PlanningStep;
use App\Queries\Parts\Answers\PeriodTag;
use Loftrin\Core\Calendar\PlanningSpan;

/** The passes of a quarter: closing the last one, planning the present one, and towards its end the next one. */
final readonly class QuarterPasses
{
    /** So many days before a quarter ends, the next one is to be planned. */
    private const DAYS_BEFORE = 14;

    public function __construct(private Workspace $workspace)
    {
    }

    /** @return list<DuePass> */
    public function of(Person $viewer): array
    {
        return array_values(array_filter([$this->closing($viewer), ...$this->plannings($viewer)]));
    }

    private function closing(Person $viewer): ?DuePass
    {
        $calendar = $this->workspace->calendar();
        $last = $calendar->previous($calendar->quarterOf($this->workspace->today()));
        $open = Goal::query()
            ->visibleTo($viewer)
            ->where('period', $last->name)
            ->whereNull('closed_on')
            ->when(! $viewer->isLead(), static fn($mine) => $mine->where('owner_id', $viewer->id))
            ->count();

        return $open === 0
            ? null
            : new DuePass(
                'close',
                'Close '.PeriodTag::words($last),
                $open === 1 ? '1 goal is open' : "$open goals are open",
                route('closing', $last->name, false),
                true,
            );
    }

    /** @return list<DuePass> those that the viewer stopped in the middle of, and for the leads those that are due */
    private function plannings(Person $viewer): array
    {
        $calendar = $this->workspace->calendar();
        $today = $this->workspace->today();
        $quarter = $calendar->quarterOf($today);
        $isSoon = $quarter->span->last->number - $today->number < self::DAYS_BEFORE;
        $begun = Planning::query()->whereNull('finished_on')->where('person_id', $viewer->id)->orderBy('id')->get();
        $passes = [];

        foreach ($begun as $planning) {
            $stretch = PlanningSpan::tryOf($calendar, $planning->stretch);

            if ($stretch !== null && ! $stretch->isOverOn($today)) {
                $passes[] = new DuePass(
                    "planning $planning->stretch",
                    'Continue planning '.StretchTag::words($stretch),
                    'Stopped at step '.($planning->step + 1).' of '.count(PlanningStep::cases()),
                    route('planning', $planning->stretch, false),
                    true,
                );
            }
        }

        $next = $calendar->next($quarter);

        if ($viewer->isLead() && $isSoon && Planning::query()->where('stretch', $next->name)->doesntExist()) {
            $passes[] = new DuePass(
                'planning',
                'Plan '.PeriodTag::words($next),
                'Begins in two weeks or less',
                route('planning', $next->name, false),
                true,
            );
        }

        return $passes;
    }
}
