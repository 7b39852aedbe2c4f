<?php

declare(strict_types=1);

namespace App\Actions\Week;

use App\Models\Person;
use App\Models\Routine;
use App\Models\RoutineKind;
use App\Models\Workspace;
use App\Store\ChangeLog;
use App\Store\RefusedChange;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Calendar\Period;
use Loftrin\Core\Calendar\Span;
use Loftrin\Core\Work\Spread;

/** Lays out a quarter's pieces of a steady output ahead: on the days that its rhythm names, or evenly over what is left of it. */
final readonly class LayOut
{
    public function __construct(private ChangeLog $log, private Workspace $workspace, private RunRoutine $run)
    {
    }

    /** @throws RefusedChange when it is no steady output, or all pieces of the quarter are there already */
    public function __invoke(Person $who, Routine $routine, Period $quarter): void
    {
        if ($routine->kind !== RoutineKind::Pieces || $routine->is_stock) {
            throw new RefusedChange('routine', 'Only a quarterly output has items to create');
        }

        $there = $routine
            ->tasks()
            ->whereNull('dropped_on')
            ->whereBetween('occurs_on', [(string) $quarter->span->first, (string) $quarter->span->last])
            ->get();
        $missing = ($routine->per_quarter ?? 0) - $there->count();

        if ($missing <= 0) {
            throw new RefusedChange('routine', 'All items of this quarter already exist');
        }

        $this->log->change($who, "Created $missing items of “{$routine->title}”", function () use (
            $routine,
            $quarter,
            $there,
            $missing,
        ): void {
            foreach ($this->days($routine, $quarter, $missing) as $place => $day) {
                $this->run->piece($routine, $day, sprintf('%s %d', $routine->title, $there->count() + $place + 1));
            }
        });
    }

    /** @return list<Day> */
    private function days(Routine $routine, Period $quarter, int $count): array
    {
        $calendar = $this->workspace->calendar();
        $today = $this->workspace->today();
        $span = new Span(
            $today->isAfter($quarter->span->first) && ! $today->isAfter($quarter->span->last) ? $today : $quarter->span->first,
            $quarter->span->last,
        );
        $named = $routine->rhythm()->within($span, $routine->starts_on);

        return array_map(
            static fn(Day $day): Day => $calendar->workingDayFrom($day),
            count($named) >= $count ? array_slice($named, 0, $count) : Spread::over($span, $count),
        );
    }
}
