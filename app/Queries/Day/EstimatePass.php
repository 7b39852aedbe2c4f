<?php

declare(strict_types=1);

namespace App\Queries\Day;

use App\Models\Estimate;
use App\Models\Person;
use App\Models\Workspace;
use App\Queries\Day\Answers\DuePass;
use App\Queries\Reviews\TeamWeekPage;
use Loftrin\Core\Calendar\Weekday;
use Loftrin\Core\Goals\MeasureKind;

/** Asks owners once a week, from a day that the leads choose, how likely their goals are. Rules: guide G9, R2. */
final readonly class EstimatePass
{
    public function __construct(private Workspace $workspace, private TeamWeekPage $team)
    {
    }

    public function of(Person $viewer): ?DuePass
    {
        $today = $this->workspace->today();
        $week = $this->workspace->calendar()->weekOf($today);
        $asked = Weekday::tryNamed($this->workspace->asks_owners_on) ?? Weekday::Thursday;

        for ($day = $week->span->first; $day->weekday() !== $asked; $day = $day->plus(1)) {
            if ($day->number === $today->number) {
                return null;
            }
        }

        $own = $this->team
            ->open($week)
            ->where('owner_id', $viewer->id)
            ->where('measure', '<>', MeasureKind::Judged)
            ->whereNotIn(
                'id',
                Estimate::query()->where('person_id', $viewer->id)->where('on', '>=', (string) $week->span->first)->select('goal_id'),
            )
            ->count();

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
