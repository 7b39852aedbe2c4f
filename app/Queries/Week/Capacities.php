<?php

declare(strict_types=1);

namespace App\Queries\Week;

use App\Models\MainEffort;
use App\Models\Person;
use App\Models\Relations\Everybody;
use App\Models\Workspace;
use App\Queries\Meetings\TakenTime;
use App\Store\Remembered;
use Illuminate\Database\Eloquent\Builder;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Calendar\Period;
use Loftrin\Core\Calendar\Span;
use Loftrin\Core\Work\Capacity;

/**
 * What people have planned against the time that they have, day by day and week by week: the one figure of free hours that every screen
 * asks for. All that is theirs is in it, whoever asks; others see it rounded. Rules: computation 10.
 */
final class Capacities
{
    /** @var ?array{array<int, array<string, int>>, array<int, array<string, int>>} minutes by person and place, by effort and place */
    private ?array $placed = null;

    public function __construct(
        private readonly Workspace $workspace,
        private readonly Everybody $everybody,
        private readonly TakenTime $taken,
        private readonly PlacedTasks $tasks,
        private readonly Remembered $remembered,
    ) {
    }

    /** @return array<int, array<string, Capacity>> by person and date: each day of the span */
    public function days(Span $span): array
    {
        return $this->remembered->of("capacity of $span->first to $span->last", fn(): array => $this->workOut($span));
    }

    /** @return array<int, Capacity> by person: of the whole week, or of the present one from today on */
    public function week(Period $week): array
    {
        $efforts = $this->efforts($week);
        $weeks = $this->over($week->span);

        foreach ($weeks as $person => $capacity) {
            $weeks[$person] = $capacity->with($this->noDay($person, $week), $efforts[$person] ?? 0);
        }

        return $weeks;
    }

    /** Minutes of what stands in the week and on no day of it. */
    public function noDay(int $person, Period $week): int
    {
        return $this->placed()[0][$person][$week->name] ?? 0;
    }

    /** @return array<int, Capacity> by person: the days of the span from today on, with what stands on them */
    public function over(Span $span): array
    {
        $today = $this->workspace->today();
        $sums = $this->everybody->all()->map(static fn(): Capacity => new Capacity(0))->all();

        foreach ($this->days($span) as $person => $days) {
            foreach ($days as $date => $capacity) {
                $sums[$person] = $date < (string) $today ? $sums[$person] : $sums[$person]->plus($capacity);
            }
        }

        return $sums;
    }

    /** @return array<int, array<int, int>> minutes taken by what all may know of, by person and the number of the day: from today on */
    public function known(Span $span): array
    {
        $today = $this->workspace->today();

        return $today->isAfter($span->last)
            ? []
            : $this->taken->byDay(new Span($today->isAfter($span->first) ? $today : $span->first, $span->last), isForAll: true);
    }

    /**
     * The hours meant for main efforts, less those planned in their own tasks that week: of the present week for the days that are left.
     *
     * @return array<int, int> minutes by person
     */
    public function efforts(Period $week): array
    {
        $calendar = $this->workspace->calendar();
        $today = $this->workspace->today();
        $days = $calendar->workingDays($week->span);
        $left = match (true) {
            $week->isOverOn($today) => 0,
            $today->isAfter($week->span->first) => $calendar->workingDays(new Span($today, $week->span->last)),
            default => $days,
        };
        $minutes = [];

        foreach ($left === 0 ? [] : $this->meant($week) as $effort) {
            $planned = 0;

            foreach ($this->placed()[1][$effort->id] ?? [] as $place => $of) {
                $planned += self::isIn($week, $place) ? $of : 0;
            }

            $meant = (int) round(((float) $effort->hours * 60 * $left) / $days);
            $minutes[$effort->person_id] = ($minutes[$effort->person_id] ?? 0) + max(0, $meant - $planned);
        }

        return $minutes;
    }

    /** Whether a date, or a week by its name, is that week or one of its days. */
    private static function isIn(Period $week, string $place): bool
    {
        $day = Day::tryOf($place);

        return $day === null ? $place === $week->name : $week->span->holds($day);
    }

    /** @return iterable<MainEffort> those of open goals that are worked on in the week */
    private function meant(Period $week): iterable
    {
        $anchor = (string) $week->anchor();
        $goals = static fn(Builder $goal) => $goal
            ->whereNull('closed_on')
            ->where('starts_on', '<=', $anchor)
            ->where('ends_on', '>=', $anchor);

        return MainEffort::query()->whereNotNull('hours')->whereHas('goal', $goals)->orderBy('id')->get();
    }

    /** @return array<int, array<string, Capacity>> */
    private function workOut(Span $span): array
    {
        $calendar = $this->workspace->calendar();
        $taken = $this->taken->byDay($span);
        $placed = $this->placed()[0];
        $capacities = [];

        foreach ($this->everybody->all() as $person) {
            for ($day = $span->first; ! $day->isAfter($span->last); $day = $day->plus(1)) {
                $capacities[$person->id][(string) $day] = new Capacity(
                    $calendar->isWorkingDay($day) ? $this->hours($person, $day) : 0,
                    $taken[$person->id][$day->number] ?? 0,
                    $placed[$person->id][(string) $day] ?? 0,
                );
            }
        }

        return $capacities;
    }

    private function hours(Person $person, Day $day): int
    {
        $calendar = $this->workspace->calendar();
        $first = $calendar->weekOf($day)->span->first;
        $place = 0;

        for ($before = $first; $before->isBefore($day); $before = $before->plus(1)) {
            $place += in_array($before->weekday(), $calendar->workingDays, true) ? 1 : 0;
        }

        return Capacity::ofDay($person->weekly_hours, max(1, count($calendar->workingDays)), $place);
    }

    /** @return array{array<int, array<string, int>>, array<int, array<string, int>>} minutes by person and place, by effort and place */
    private function placed(): array
    {
        return $this->placed ??= $this->remembered->of('placed tasks', function (): array {
            [$byPerson, $byEffort] = [[], []];

            foreach ($this->tasks->all() as $row) {
                [$person, $effort] = [(int) $row->owner_id, (int) $row->main_effort_id];
                [$place, $minutes] = [(string) $row->place, (int) $row->minutes];
                $byPerson[$person][$place] = ($byPerson[$person][$place] ?? 0) + $minutes;
                $byEffort[$effort][$place] = ($byEffort[$effort][$place] ?? 0) + $minutes;
            }

            return [$byPerson, $byEffort];
        });
    }
}
