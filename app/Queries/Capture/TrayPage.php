<?php

declare(strict_types=1);

namespace App\Queries\Capture;

use App\Models\Area;
use App\Models\Jot;
use App\Models\Person;
use App\Models\Series;
use App\Models\Workspace;
use App\Queries\Capture\Answers\DayRoom;
use App\Queries\Capture\Answers\Tray;
use App\Queries\Capture\Answers\TrayItem;
use App\Queries\Capture\Answers\TrayOf;
use App\Queries\Direction\ShelfPage;
use App\Queries\Hours\Capacities;
use App\Queries\Parts\Answers\PersonTag;
use App\Queries\Parts\Choices;
use App\Queries\Week\Answers\WeekDay;
use App\Queries\Week\WeekPlans;

/** What is not sorted yet of a person, an area or a meeting, what came back to the person by now, and the days that have room for it. */
final readonly class TrayPage
{
    public function __construct(
        private Workspace $workspace,
        private ShelfPage $shelf,
        private LineReader $reader,
        private WeekPlans $weeks,
        private Capacities $capacities,
        private Choices $choices,
    ) {
    }

    /** @param Area|Series|null $of whose tray it is; null for the viewer's own */
    public function of(Person $viewer, Area|Series|null $of = null): Tray
    {
        $calendar = $this->workspace->calendar();
        $today = $this->workspace->today();
        $week = $calendar->weekOf($today);
        $left = array_filter(
            $this->weeks->left($viewer),
            static fn(WeekDay $day): bool => $calendar->isWorkingDay($day->on) || $day->isToday,
        );
        $next = $calendar->next($week);

        return new Tray(
            match (true) {
                $of instanceof Area => new TrayOf('area', $of->id, $of->name, route('areas.show', $of, false)),
                $of instanceof Series => new TrayOf('series', $of->id, $of->title, route('series.show', $of, false)),
                default => null,
            },
            $this->items($viewer, $of),
            $of === null ? $this->shelf->due($viewer) : [],
            array_values(array_map(DayRoom::of(...), $left)),
            $week->name,
            $next->name,
            $this->capacities->week($next)[$viewer->id]->free(),
            PersonTag::all(),
            $this->choices->meetings($viewer),
        );
    }

    /** @return list<TrayItem> */
    private function items(Person $viewer, Area|Series|null $of): array
    {
        $jots = $of === null ? Jot::query()->inTrayOf($viewer, $this->workspace->today()) : Jot::query()->inTray($of);

        return array_values(
            $jots
                ->with([...array_keys(Jot::ABOUT), 'person'])
                ->orderBy('id')
                ->get()
                ->map(
                    fn(Jot $jot): TrayItem => TrayItem::of(
                        $jot,
                        $this->reader->readJot($viewer, $jot),
                        $viewer,
                    ),
                )
                ->all(),
        );
    }
}
