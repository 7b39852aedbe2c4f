<?php

declare(strict_types=1);

namespace App\Queries\Reviews;

use App\Models\Person;
use App\Models\Task;
use App\Models\Workspace;
use App\Queries\Parts\Answers\PersonTag;
use App\Queries\Parts\Answers\TaskRow;
use App\Queries\Plan\StoredPlans;
use App\Queries\Reviews\Answers\LeftOver;
use App\Queries\Reviews\Answers\OpenAtEnd;
use App\Queries\Reviews\Answers\ThinningView;
use Illuminate\Database\Eloquent\Builder;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Calendar\Period;

/** What could go: tasks without recent activity, and the shelf; and how many were open month by month. */
final readonly class ThinningPage
{
    /** So many of each are asked about in a week's review. */
    private const FEW = 5;

    /** So many of each are listed. */
    private const ALL = 200;

    /** Months of the chart. */
    private const MONTHS = 12;

    public function __construct(
        private Workspace $workspace,
        private StoredPlans $plans,
        private ThinningTasks $tasks,
        private WeekAhead $ahead,
    ) {
    }

    public function of(Person $person): ThinningView
    {
        $calendar = $this->workspace->calendar();
        $week = $calendar->weekOf($this->workspace->today());

        return new ThinningView(
            $this->months($person),
            $this->groups($person, self::ALL),
            PersonTag::all(),
            $this->ahead->after($week, $person),
        );
    }

    /**
     * A few, for a week's review.
     *
     * @param list<int> $seen ids of tasks that are asked about for another reason
     *
     * @return list<LeftOver>
     */
    public function few(Person $person, array $seen): array
    {
        return array_map(
            static fn(LeftOver $group): LeftOver => new LeftOver(
                $group->reason,
                $group->hint,
                array_values(array_filter($group->tasks, static fn(TaskRow $task): bool => ! in_array($task->id, $seen, true))),
                mayKeep: true,
            ),
            $this->groups($person, self::FEW),
        );
    }

    /** @return list<LeftOver> */
    private function groups(Person $person, int $limit): array
    {
        return array_values(
            array_filter(
                [
                    $this->group(
                        'No recent activity',
                        'not planned, and unchanged for four weeks',
                        $this->tasks->withoutActivity($person)->limit($limit),
                        $person,
                    ),
                    $this->group('On the shelf', 'without a return date', $this->tasks->shelved($person)->limit($limit), $person),
                ],
                static fn(LeftOver $group): bool => $group->tasks !== [],
            ),
        );
    }

    public function count(Person $person): int
    {
        return $this->tasks->withoutActivity($person)->count() + $this->tasks->shelved($person)->count();
    }

    /** @param Builder<Task> $tasks */
    private function group(string $reason, string $hint, Builder $tasks, Person $person): LeftOver
    {
        $threads = $this->plans->threads($person, $this->workspace->calendar()->weekOf($this->workspace->today()));

        return new LeftOver(
            $reason,
            $hint,
            TaskRow::all($tasks, $threads, $this->workspace),
            mayKeep: true,
        );
    }

    /** @return list<OpenAtEnd> the oldest first, the present month as it stands today */
    private function months(Person $person): array
    {
        $month = $this->workspace->calendar()->monthOf($this->workspace->today());
        $ends = [];

        for ($count = 0; $count < self::MONTHS; $count++) {
            array_unshift($ends, $month);
            $month = $this->workspace->calendar()->monthOf($month->span->first->plus(-1));
        }

        $open = $this->open(array_map(static fn(Period $each): Day => $each->span->last, $ends), $person);

        $months = array_map(static fn(Period $each, int $count): OpenAtEnd => new OpenAtEnd($each->name, $count), $ends, $open);

        // Before there was anything, there is nothing to show.
        while (count($months) > 1 && $months[0]->open === 0) {
            array_shift($months);
        }

        return $months;
    }

    /**
     * @param list<Day> $days
     *
     * @return list<int> how many were open at the end of each; of one to come, as of today
     */
    private function open(array $days, Person $person): array
    {
        $sums = [];
        $on = [];

        foreach ($days as $place => $day) {
            $sums[] =
                'sum(case when created_on <= ? and (done_on is null or done_on > ?) and (dropped_on is null or dropped_on > ?) '.
                "and (shelved_on is null or shelved_on > ?) then 1 else 0 end) as open$place";
            $on = [...$on, ...array_fill(0, 4, (string) ($day->isAfter($this->workspace->today()) ? $this->workspace->today() : $day))];
        }

        $counts = (array) Task::query()->where('owner_id', $person->id)->toBase()->selectRaw(implode(', ', $sums), $on)->first();

        return array_map(static fn(mixed $count): int => is_numeric($count) ? (int) $count : 0, array_values($counts));
    }
}
