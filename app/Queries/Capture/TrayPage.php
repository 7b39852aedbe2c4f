<?php

declare(strict_types=1);

namespace App\Queries\Capture;

use App\Models\Jot;
use App\Models\Person;
use App\Models\Workspace;
use App\Queries\Capture\Answers\DayRoom;
use App\Queries\Capture\Answers\Tray;
use App\Queries\Capture\Answers\TrayItem;
use App\Queries\Direction\ShelfPage;
use App\Queries\Parts\Answers\PersonTag;
use App\Queries\Parts\Choices;
use App\Queries\People\HoursAhead;
use App\Queries\Week\Answers\WeekDay;
use App\Queries\Week\WeekPage;

/** What a person wrote down and has not sorted yet, what came back by now, and the days that have room for it. */
final readonly class TrayPage
{
    public function __construct(
        private Workspace $workspace,
        private ShelfPage $shelf,
        private LineReader $reader,
        private WeekPage $weeks,
        private HoursAhead $hours,
        private Choices $choices,
    ) {
    }

    public function of(Person $viewer): Tray
    {
        $calendar = $this->workspace->calendar();
        $today = $this->workspace->today();
        $week = $calendar->weekOf($today);
        $left = array_filter(
            $this->weeks->of($week, $viewer, $viewer)->days,
            static fn(WeekDay $day): bool => ! $day->isPast && ($calendar->isWorkingDay($day->on) || $day->isToday),
        );
        $next = $this->hours->cells()[$viewer->id][1] ?? null;

        return new Tray(
            $this->items($viewer),
            $this->shelf->due($viewer),
            array_values(array_map(DayRoom::of(...), $left)),
            $week->name,
            $calendar->next($week)->name,
            $next === null ? null : $next->available - $next->planned,
            PersonTag::all(),
            $this->choices->meetings($viewer),
        );
    }

    /** @return list<TrayItem> */
    private function items(Person $viewer): array
    {
        return array_values(
            Jot::query()
                ->inTrayOf($viewer, $this->workspace->today())
                ->with(array_keys(Jot::ABOUT))
                ->orderBy('id')
                ->get()
                ->map(
                    fn(Jot $jot): TrayItem => TrayItem::of(
                        $jot,
                        $this->reader->read($viewer, $jot->words, $jot->jotted_on, $jot->refused ?? []),
                        $viewer,
                    ),
                )
                ->all(),
        );
    }
}
