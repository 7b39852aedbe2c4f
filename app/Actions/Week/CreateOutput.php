<?php

declare(strict_types=1);

namespace App\Actions\Week;

use App\Models\Person;
use App\Models\RecurringTask;
use App\Models\RecurringTaskKind;
use App\Models\Workspace;
use App\Store\ChangeLog;
use App\Store\RefusedChange;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Calendar\Period;
use Loftrin\Core\Calendar\Span;
use Loftrin\Core\Work\Spread;

/** Creates a quarter's items of a quarterly output ahead: on the days that its rhythm names, or evenly over what is left of it. */
final readonly class CreateOutput
{
    public function __construct(private ChangeLog $log, private Workspace $workspace, private RunRecurringTask $run)
    {
    }

    /** @throws RefusedChange when it is no quarterly output, or all items of the quarter are there already */
    public function __invoke(Person $who, RecurringTask $recurringTask, Period $quarter): void
    {
        if ($recurringTask->kind !== RecurringTaskKind::Pieces || $recurringTask->is_shared) {
            throw new RefusedChange('recurringTask', 'Only a quarterly output has items to create');
        }

        $there = $recurringTask
            ->tasks()
            ->whereNull('dropped_on')
            ->whereBetween('occurs_on', [(string) $quarter->span->first, (string) $quarter->span->last])
            ->get();
        $missing = ($recurringTask->per_quarter ?? 0) - $there->count();

        if ($missing <= 0) {
            throw new RefusedChange('recurringTask', 'All items of this quarter already exist');
        }

        $this->log->change($who, "Created $missing items of “{$recurringTask->title}”", function () use (
            $recurringTask,
            $quarter,
            $there,
            $missing,
        ): void {
            foreach ($this->days($recurringTask, $quarter, $missing) as $place => $day) {
                $this->run->piece($recurringTask, $day, sprintf('%s %d', $recurringTask->title, $there->count() + $place + 1));
            }
        });
    }

    /** @return list<Day> */
    private function days(RecurringTask $recurringTask, Period $quarter, int $count): array
    {
        $calendar = $this->workspace->calendar();
        $today = $this->workspace->today();
        $span = new Span(
            $today->isAfter($quarter->span->first) && ! $today->isAfter($quarter->span->last) ? $today : $quarter->span->first,
            $quarter->span->last,
        );
        $named = $recurringTask->rhythm()->within($span, $recurringTask->starts_on);

        return array_map(
            static fn(Day $day): Day => $calendar->workingDayFrom($day),
            count($named) >= $count ? array_slice($named, 0, $count) : Spread::over($span, $count),
        );
    }
}
