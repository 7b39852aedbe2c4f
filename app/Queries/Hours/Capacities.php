<?php

declare(strict_types=1);

namespace App\Queries\Hours;

use App\Models\MainEffort;
use App\Models\Relations\Everybody;
use App\Models\Workspace;
use App\Store\Question;
use App\Store\Remembered;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
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

    /** @var ?Collection<int, MainEffort> those with hours of open goals, with their goals */
    private ?Collection $meant = null;

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
        return $this->remembered->of(Question::ofAll('capacity', $span->first, $span->last), fn(): array => $this->workOut($span));
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
     * The same week by week, asked for all at once.
     *
     * @param list<Period> $weeks
     *
     * @return array<int, array<string, int>> minutes by person and the name of the week
     */
    public function knownByWeek(array $weeks): array
    {
        if ($weeks === []) {
            return [];
        }

        usort($weeks, static fn(Period $a, Period $b): int => $a->span->first->number <=> $b->span->first->number);
        $calendar = $this->workspace->calendar();
        $sums = [];

        foreach ($this->known(new Span($weeks[0]->span->first, $weeks[count($weeks) - 1]->span->last)) as $person => $days) {
            foreach ($days as $day => $minutes) {
                $week = $calendar->weekOf(Day::ofNumber($day))->name;
                $sums[$person][$week] = ($sums[$person][$week] ?? 0) + $minutes;
            }
        }

        return $sums;
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
        $this->meant ??= MainEffort::query()
            ->whereNotNull('hours')
            ->whereHas('goal', static fn(Builder $goal) => $goal->whereNull('closed_on'))
            ->with('goal')
            ->orderBy('id')
            ->get();
        $anchor = $week->anchor();

        return $this->meant->filter(
            static fn(MainEffort $effort): bool => (new Span($effort->goal->starts_on, $effort->goal->ends_on))->holds($anchor),
        );
    }

    /** @return array<int, array<string, Capacity>> */
    private function workOut(Span $span): array
    {
        $calendar = $this->workspace->calendar();
        $worked = max(1, count($calendar->workingDays));
        $taken = $this->taken->byDay($span);
        $placed = $this->placed()[0];
        $capacities = [];

        for ($day = $span->first; ! $day->isAfter($span->last); $day = $day->plus(1)) {
            $place = $calendar->isWorkingDay($day) ? $this->placeAmongWorked($day) : null;

            foreach ($this->everybody->all() as $person) {
                $capacities[$person->id][(string) $day] = new Capacity(
                    $place === null ? 0 : Capacity::ofDay($person->weekly_hours, $worked, $place),
                    $taken[$person->id][$day->number] ?? 0,
                    $placed[$person->id][(string) $day] ?? 0,
                );
            }
        }

        return $capacities;
    }

    /** How many days of its week are worked before it, holidays among them. */
    private function placeAmongWorked(Day $day): int
    {
        $calendar = $this->workspace->calendar();
        $place = 0;

        for ($before = $calendar->weekOf($day)->span->first; $before->isBefore($day); $before = $before->plus(1)) {
            $place += in_array($before->weekday(), $calendar->workingDays, true) ? 1 : 0;
        }

        return $place;
    }

    /** @return array{array<int, array<string, int>>, array<int, array<string, int>>} minutes by person and place, by effort and place */
    private function placed(): array
    {
        return $this->placed ??= $this->remembered->of(Question::ofAll('placed tasks'), function (): array {
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
