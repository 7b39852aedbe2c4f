<?php

declare(strict_types=1);

namespace App\Queries\People;

use App\Models\Person;
use App\Models\ProtectedHours;
use App\Models\Workspace;
use App\Queries\Hours\Capacities;
use App\Queries\Hours\TakenTime;
use App\Queries\Parts\Answers\PeriodTag;
use App\Queries\People\Answers\HoursCell;
use Loftrin\Core\Calendar\Period;
use Loftrin\Core\Calendar\Span;

/** Hours planned against hours left, person by person, for this week and the ones after it. Rules: computation 10. */
final readonly class HoursAhead
{
    private const WEEKS = 8;

    public function __construct(private Workspace $workspace, private Capacities $capacities, private TakenTime $taken)
    {
    }

    /** @return list<PeriodTag> */
    public function weeks(): array
    {
        $calendar = $this->workspace->calendar();

        return array_map(static fn(Period $week): PeriodTag => PeriodTag::of($week, $calendar), $this->periods());
    }

    /** @return array<int, list<HoursCell>> by person */
    public function cells(Person $viewer): array
    {
        $today = $this->workspace->today();
        $kept = ProtectedHours::query()->get()->groupBy('person_id');
        $weeks = $this->periods();
        $known = $this->capacities->knownByWeek($weeks);
        $cells = [];

        foreach ($weeks as $week) {
            $left = new Span($today->isAfter($week->span->first) ? $today : $week->span->first, $week->span->last);
            $against = $this->taken->against($left, $kept);

            foreach ($this->capacities->week($week) as $person => $capacity) {
                $cells[$person][] =
                    $person === $viewer->id
                        ? HoursCell::own($week->name, $capacity, $against[$person] ?? 0)
                        : HoursCell::toOthers($week->name, $capacity, $known[$person][$week->name] ?? 0, $against[$person] ?? 0);
            }
        }

        return $cells;
    }

    /** @return list<Period> */
    private function periods(): array
    {
        $calendar = $this->workspace->calendar();
        $first = $calendar->weekOf($this->workspace->today())->span->first;

        return $calendar->weeksIn(new Span($first, $first->plus(7 * self::WEEKS - 1)));
    }
}
