<?php

declare(strict_types=1);

namespace App\Queries\Goals;

use App\Models\Goal;
use App\Models\Person;
use App\Models\Visibility;
use App\Models\Workspace;
use App\Queries\Goals\Answers\GoalFormView;
use App\Queries\Goals\Answers\GoalValues;
use App\Queries\Parts\Answers\Option;
use App\Queries\Parts\Answers\PeriodTag;
use App\Queries\Parts\Answers\PersonTag;
use App\Queries\Parts\Choices;
use Illuminate\Support\Str;
use Loftrin\Core\Calendar\Horizon;
use Loftrin\Core\Calendar\Period;
use Loftrin\Core\Goals\PaceFromDay;

/** What the form for a goal offers and what it is filled with. */
final readonly class GoalFormPage
{
    public function __construct(private Workspace $workspace, private Choices $choices, private NextParent $nextParent)
    {
    }

    public function blank(Person $viewer, ?int $parent, ?string $period): GoalFormView
    {
        $calendar = $this->workspace->calendar();
        $above = $parent === null ? null : Goal::query()->visibleTo($viewer)->with('viewers')->find($parent);
        $default =
            $above === null
                ? $calendar->yearOf($this->workspace->today())->name
                : $this->periodUnder($calendar->period($above->period))->name;

        return $this->page(
            $viewer,
            new GoalValues(
                null,
                '',
                $calendar->tryPeriod($period ?? '')->name ?? $default,
                parent: $above?->id,
                owner: $viewer->id,
                visibility: $above->visibility ?? Visibility::Everyone,
                groups: $above?->admitted('group_id') ?? [],
                people: $above?->admitted('person_id') ?? [],
            ),
        );
    }

    /** For a goal that carries another one on: as that was, for the next period of its kind that is not over. */
    public function successor(Person $viewer, Goal $goal): GoalFormView
    {
        $calendar = $this->workspace->calendar();
        $next = $this->workspace->upcoming($goal->period);

        return $this->page(
            $viewer,
            GoalValues::of($goal->load(['checkpoints', 'viewers']))->carriedInto($next->name, $this->nextParent->of($goal, $next, $viewer)),
            $goal->shelved_on === null ? null : self::brings($goal, $viewer),
        );
    }

    /** What comes back with a goal from the shelf, in words; null for nothing. */
    private static function brings(Goal $goal, Person $viewer): ?string
    {
        $counted = static fn(int $count, string $what): string => "$count ".Str::plural($what, $count);
        $tasks = ShelvedWith::tasks($goal)->count();
        $projects = ShelvedWith::projects($goal)->visibleTo($viewer)->count();
        $words = [...$tasks === 0 ? [] : [$counted($tasks, 'task')], ...$projects === 0 ? [] : [$counted($projects, 'project')]];

        return $words === [] ? null : 'It comes back from the shelf with '.implode(' and ', $words).'.';
    }

    public function filled(Person $viewer, Goal $goal): GoalFormView
    {
        return $this->page($viewer, GoalValues::of($goal->load(['checkpoints', 'viewers'])));
    }

    private function page(Person $viewer, GoalValues $values, ?string $brings = null): GoalFormView
    {
        $calendar = $this->workspace->calendar();
        $today = $this->workspace->today();
        $now = array_map(static fn(Horizon $horizon): Period => $calendar->periodOf($horizon, $today), Horizon::cases());
        $hasBegun = static fn(Period $period): bool => PaceFromDay::checkpoint($period, $today) !== null;
        $isLate = static fn(Period $period): bool => PaceFromDay::isProposed($calendar, $period, $today);

        return new GoalFormView(
            goal: $values,
            periods: $this->periods(),
            parents: $this->choices->goals($viewer, $values->id),
            people: PersonTag::all(),
            areas: $this->choices->areas(),
            groups: $this->choices->groups(),
            longTermGoals: $this->choices->longTermGoals(),
            begun: array_column(array_filter($now, $hasBegun), 'name'),
            late: array_column(array_filter($now, $isLate), 'name'),
            brings: $brings,
        );
    }

    /** The present period of the next shorter horizon, if it lies in the one above; otherwise its first. */
    private function periodUnder(Period $above): Period
    {
        $horizon = match ($above->horizon) {
            Horizon::Year => Horizon::Quarter,
            Horizon::Quarter, Horizon::Month, Horizon::Week => Horizon::Week,
        };
        $calendar = $this->workspace->calendar();
        $now = $calendar->periodOf($horizon, $this->workspace->today());

        return match (true) {
            $above->horizon === Horizon::Week => $above,
            $above->holds($now) => $now,
            $horizon === Horizon::Week => $calendar->weeksIn($above->span)[0],
            default => $calendar->periodOf($horizon, $above->span->first),
        };
    }

    /** @return list<Option> grouped by horizon: last year, this and the next */
    private function periods(): array
    {
        $calendar = $this->workspace->calendar();
        $now = $calendar->yearOf($this->workspace->today());
        $options = [];

        foreach ([$now, $calendar->next($now), $calendar->previous($now)] as $year) {
            $options[] = new Option($year->name, $year->name, Horizon::Year->value);

            foreach ([Horizon::Quarter, Horizon::Month] as $horizon) {
                for (
                    $period = $calendar->periodOf($horizon, $year->span->first);
                    $year->holds($period);
                    $period = $calendar->next($period)
                ) {
                    $options[] = new Option($period->name, PeriodTag::wordsWithYear($period), $horizon->value);
                }
            }

            foreach ($calendar->weeksIn($year->span) as $week) {
                $options[] = new Option($week->name, PeriodTag::words($week).', from '.$this->short($week), Horizon::Week->value);
            }
        }

        return $options;
    }

    private function short(Period $week): string
    {
        return $week->span->first->format('j M Y');
    }
}
