<?php

declare(strict_types=1);

namespace App\Queries\Plan;

use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Goals\Goal;
use Loftrin\Core\Goals\Plan;
use Loftrin\Core\Work\Contribution;
use Loftrin\Core\Work\ProjectState;

/** Which tallies the figures and forecasts of a plan rest on: all are fetched at once, and none that is not looked at. */
final readonly class NeededTallies
{
    public function __construct(private Plan $plan)
    {
    }

    /**
     * @param list<Day> $days as of which figures are asked for
     * @param ?Day $forecastsOn as of which forecasts are asked for
     * @param list<Day> $lookedAt on which those look back
     * @param ?Goal $of whose figures alone are asked for; null for those of all goals
     *
     * @return list<array{ScopeDay, list<int>, list<int>}> days, each with the projects and the goals whose tasks are summed up
     */
    public function of(array $days, ?Day $forecastsOn, array $lookedAt, ?Goal $of): array
    {
        $all = $of === null ? [self::ids($this->plan->projects), self::ids($this->plan->goals)] : $this->restsOn($of);
        $needed = array_map(fn(Day $by): array => [new ScopeDay($forecastsOn ?? $by, $by), ...$all], $lookedAt);

        foreach ($days as $on) {
            [$projects, $goals] = $of === null ? $all : $this->restsOn($of, $on);
            $needed[] = [new ScopeDay($on), $this->tallied($projects, $on), $goals];
        }

        // A goal that was closed is computed as of that day; a forecast looks at how it moved until then, whatever was decided.
        foreach ($this->plan->goals as $goal) {
            $closed = $goal->closing?->on;

            if ($closed === null || ($goal->closing->decided() !== null && $forecastsOn === null)) {
                continue;
            }

            [$projects, $goals] = $this->restsOn($goal);
            $needed[] = [new ScopeDay($closed), $this->tallied($projects, $closed), $goals];

            foreach (array_filter($lookedAt, static fn(Day $by): bool => $by->isBefore($closed)) as $by) {
                $needed[] = [new ScopeDay($closed, $by), $projects, $goals];
            }
        }

        return [...$needed, ...$this->before($needed)];
    }

    /**
     * Of projects that were carried to a goal, what was done of the same tasks by the day on which they came.
     *
     * @param list<array{ScopeDay, list<int>, list<int>}> $needed
     *
     * @return list<array{ScopeDay, list<int>, list<int>}>
     */
    private function before(array $needed): array
    {
        $before = [];

        foreach ($needed as [$day, $projects]) {
            foreach ($projects as $id) {
                foreach ($this->plan->projects[$id]->serves as $link) {
                    if ($link->from !== null && ! $link->from->isAfter($day->on)) {
                        $came = new ScopeDay($day->on, $link->from);
                        $before[$came->key] ??= [$came, [], []];
                        $before[$came->key][1][] = $id;
                    }
                }
            }
        }

        return array_values($before);
    }

    /**
     * Those whose tasks are looked at: as of a day on which a project is done it counts 1, whatever its tasks (computation 3), unless
     * nothing of them was left when it was carried to a goal. How it moved, and how much was added to it, is asked of them all.
     *
     * @param list<int> $projects
     *
     * @return list<int>
     */
    private function tallied(array $projects, Day $on): array
    {
        return array_values(
            array_filter(
                $projects,
                fn(int $id): bool => $this->plan->projects[$id]->stateOn($on) !== ProjectState::Done ||
                    array_filter($this->plan->projects[$id]->serves, static fn(Contribution $link): bool => $link->from !== null) !== [],
            ),
        );
    }

    /**
     * What its figure rests on; as of a day, without what hangs beneath a goal that was closed by then.
     *
     * @return array{list<int>, list<int>} ids of the projects and goals, its own among them, each once
     */
    private function restsOn(Goal $goal, ?Day $on = null): array
    {
        $goals = [$goal->id => $goal];
        $projects = [];

        for ($next = [$goal]; $next !== []; $next = array_diff_key($beneath, $goals), $goals += $next) {
            $beneath = [];

            foreach ($next as $each) {
                foreach ($this->plan->projectsContributingTo($each) as [$project]) {
                    $projects[$project->id] = (int) $project->id;
                }

                foreach ($this->plan->childrenOf($each) as $child) {
                    if ($on === null || $child->closingOn($on) === null) {
                        $beneath[$child->id] = $child;
                    }
                }
            }
        }

        return [array_values($projects), self::ids($goals)];
    }

    /**
     * @param array<array-key, mixed> $byId
     *
     * @return list<int>
     */
    private static function ids(array $byId): array
    {
        return array_map(intval(...), array_keys($byId));
    }
}
