<?php

declare(strict_types=1);

namespace Loftrin\Core\Work;

use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Fraction;

/**
 * The heaps of one project or goal from day to day, for figures as of many days: each task is looked at once, where the
 * figure of a day on its own looks at all of them.
 *
 * A task is in scope while it is open, from its creation until it is done, dropped or shelved, and from the day on which it is
 * done. Rules: computation 2; over the scope of one day, as forecasts look back, 6.
 */
final class HeapHistory
{
    /** @var array<int, DayCounts> tasks in scope by minutes, 0 without an estimate */
    private array $tasks = [];

    /** @var array<int, DayCounts> likewise: those of them that are done */
    private array $done = [];

    /** @var array<int, DayCounts> likewise: those of the scope of one day that do not exist yet */
    private array $added = [];

    /** @var array<int, array<int, DayCounts>> steps ticked of tasks that are not done, by minutes and how many steps the task has */
    private array $ticked = [];

    /** The number of the first day on which one of the tasks exists. */
    private int $begins = PHP_INT_MAX;

    /** @param ?Day $scope whose tasks in scope are looked at all the time; null for those of each day */
    public function __construct(private readonly ?Day $scope = null)
    {
    }

    /**
     * @param int $minutes its estimate, 0 without one or where estimates do not weigh
     * @param int $alike how many tasks there are of these dates and this estimate
     */
    public function add(Lifetime $life, int $minutes, int $alike = 1): void
    {
        $done = $life->doneOn->number ?? PHP_INT_MAX;
        $begins = min($life->opens, $done);
        $this->begins = min($this->begins, $begins);

        if ($this->scope !== null && ! $life->isInScopeOn($this->scope)) {
            return;
        }

        $tasks = $this->tasks[$minutes] ??= new DayCounts();
        ($this->done[$minutes] ??= new DayCounts())->count($done, more: $alike);

        if ($this->scope !== null) {
            $tasks->count(PHP_INT_MIN, more: $alike);
            ($this->added[$minutes] ??= new DayCounts())->count(PHP_INT_MIN, $begins, $alike);
        } else {
            $tasks->count($life->opens, $life->ends, $alike);
            $tasks->count($done, more: $alike);
        }
    }

    /**
     * A step of a task that was added, and was ticked on the day.
     *
     * @param int $steps how many the task has, 1 at least
     */
    public function tick(Lifetime $life, int $minutes, int $steps, Day $on): void
    {
        $ticked = $this->ticked[$minutes][$steps] ??= new DayCounts();

        if ($this->scope === null) {
            $ticked->count(max($on->number, $life->opens), $life->ends);
        } elseif ($life->isInScopeOn($this->scope)) {
            $ticked->count($on->number, $life->doneOn->number ?? PHP_INT_MAX);
        }
    }

    /** Whether at least one of the tasks exists by the end of the day. */
    public function isThereOn(Day $day): bool
    {
        return $this->begins <= $day->number;
    }

    /**
     * The tasks in scope as of the end of each of the days.
     *
     * @param list<Day> $days in their order
     *
     * @return array<int, list<Heap>> by the number of the day
     */
    public function on(array $days): array
    {
        $heaps = array_fill_keys(array_column($days, 'number'), []);

        foreach ($this->tasks as $minutes => $tasks) {
            $estimate = $minutes === 0 ? null : Fraction::of($minutes);
            $done = $this->done[$minutes]->on($days);
            $added = ($this->added[$minutes] ?? null)?->on($days);

            foreach ($tasks->on($days) as $day => $count) {
                if ($count > 0) {
                    $heaps[$day][] = new Heap($count, Fraction::of($done[$day]), $estimate, $added[$day] ?? 0);
                }
            }

            foreach ($this->ticked[$minutes] ?? [] as $steps => $ticked) {
                foreach ($ticked->on($days) as $day => $count) {
                    if ($count > 0) {
                        $heaps[$day][] = new Heap(0, Fraction::of($count, $steps), $estimate);
                    }
                }
            }
        }

        return $heaps;
    }
}
