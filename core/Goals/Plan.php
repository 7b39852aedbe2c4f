<?php

declare(strict_types=1);

namespace Loftrin\Core\Goals;

use Loftrin\Core\Calendar\Calendar;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Calendar\Span;
use Loftrin\Core\Work\Contribution;
use Loftrin\Core\Work\Project;

/** The goals, what serves them and what was read of them: all that a roll-up climbs through. */
final readonly class Plan
{
    /** @var array<array-key, list<Goal>> by parent */
    private array $children;

    /** @var array<string, list<array{Project, Contribution}>> by goal, each with its link there */
    private array $contribution;

    /** @var array<array-key, list<Reading>> by goal, ascending by day and, within one, as entered */
    private array $readings;

    /**
     * @param array<array-key, Goal> $goals by id, in order
     * @param array<array-key, Project> $projects by id, in order
     * @param array<array-key, list<Reading>> $readings by goal, in the order entered
     */
    public function __construct(public Calendar $calendar, public array $goals, public array $projects = [], array $readings = [])
    {
        $children = [];
        $contribution = [];

        foreach (Lineage::withoutLoops(array_map(static fn(Goal $goal): ?string => $goal->parent, $goals)) as $id => $parent) {
            if ($parent !== null) {
                $children[$parent][] = $goals[$id];
            }
        }

        foreach ($projects as $project) {
            foreach ($project->serves as $link) {
                $contribution[$link->goal][] = [$project, $link];
            }
        }

        foreach ($readings as &$list) {
            usort($list, static fn(Reading $a, Reading $b): int => $a->on->number <=> $b->on->number);
        }

        $this->children = $children;
        $this->contribution = $contribution;
        $this->readings = $readings;
    }

    /** @return list<Goal> those that were there by the end of the day, or all of them */
    public function childrenOf(Goal $goal, ?Day $on = null): array
    {
        $children = $this->children[$goal->id] ?? [];

        return $on === null ? $children : array_values(array_filter($children, static fn(Goal $child): bool => $child->isThereOn($on)));
    }

    /** @return list<array{Project, Contribution}> those that were there by the end of the day with a link that holds on it, or all */
    public function projectsContributingTo(Goal $goal, ?Day $on = null): array
    {
        $contribution = $this->contribution[$goal->id] ?? [];

        return $on === null
            ? $contribution
            : array_values(array_filter($contribution, static fn(array $pair): bool => $pair[0]->isThereOn($on) && $pair[1]->holdsOn($on)));
    }

    /** @return array<array-key, Span> the days of each goal's period, by goal */
    public function periods(): array
    {
        return array_map(static fn(Goal $goal): Span => $goal->period->span, $this->goals);
    }

    /** The reading that counts on the day: of several on one day the one entered last. */
    public function latestReading(Goal $goal, Day $on): ?Reading
    {
        $latest = null;

        foreach ($this->readings[$goal->id] ?? [] as $reading) {
            if ($reading->on->isAfter($on)) {
                break;
            }

            $latest = $reading;
        }

        return $latest;
    }

    /** @return list<Reading> those dated within the goal's period and on or before the day */
    public function readingsWithin(Goal $goal, Day $on): array
    {
        return array_values(
            array_filter(
                $this->readings[$goal->id] ?? [],
                static fn(Reading $reading): bool => $goal->period->span->holds($reading->on) && ! $reading->on->isAfter($on),
            ),
        );
    }
}
