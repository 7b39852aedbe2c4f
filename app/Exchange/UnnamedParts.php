<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Models\Contribution;
use App\Models\Goal;
use App\Models\Person;
use App\Models\Project;
use App\Models\Workspace;
use App\Queries\Goals\CoreRecords;
use App\Queries\Goals\StoredPlans;
use Illuminate\Database\Eloquent\Collection;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Goals\ContributorKind;
use Loftrin\Core\Goals\LeftOut;
use Loftrin\Core\Work\ProjectState;

/**
 * Goals and projects that count in a sum for readers who may not see them. They are written as what they give to that sum,
 * day by day, and nothing else: the figures of a plan file are those of the screen.
 */
final readonly class UnnamedParts
{
    public function __construct(private Workspace $workspace, private StoredPlans $plans)
    {
    }

    /** Whether the goal counts in the sum of the one it hangs on. */
    public function counts(Goal $goal): bool
    {
        return $goal->parent !== null && $goal->countsUnder($goal->parent);
    }

    /**
     * Those that count in one of the goals that are shown.
     *
     * @param Collection<int, Goal> $shown
     *
     * @return list<array{goal: array<string, mixed>, readings: list<array<string, mixed>>}>
     */
    public function beside(Collection $shown, ?Person $viewer): array
    {
        $goals = Goal::query()
            ->where('counts_unnamed', true)
            ->whereIn('parent_id', $shown->modelKeys())
            ->whereKeyNot($shown->modelKeys())
            ->orderBy('id')
            ->get();
        $unseen = Project::query()
            ->hidden()
            ->where('counts_unnamed', true)
            ->whereNot('state', ProjectState::Proposed);

        if ($viewer !== null) {
            $unseen->whereNotIn('id', Project::query()->visibleTo($viewer)->select('id'));
        }

        $links = Contribution::query()
            ->whereIn('goal_id', $shown->modelKeys())
            ->whereIn('project_id', $unseen->select('id'))
            ->with('project')
            ->orderBy('id')
            ->get();

        return [
            ...array_values(
                $goals->map(fn(Goal $goal): array => $this->goal($goal, $shown->findOrFail($goal->parent_id), $viewer))->all(),
            ),
            ...array_values(
                $links->map(fn(Contribution $link): array => $this->project($link, $shown->findOrFail($link->goal_id), $viewer))->all(),
            ),
        ];
    }

    /** @return array{goal: array<string, mixed>, readings: list<array<string, mixed>>} */
    private function goal(Goal $goal, Goal $parent, ?Person $viewer): array
    {
        return $this->written(
            id: "g$goal->id",
            parent: $parent,
            viewer: $viewer,
            kind: ContributorKind::Goal,
            key: $goal->id,
            more: [
                'weight' => CoreRecords::exact($goal->weight)->rounded(4),
                'created_on' => $goal->created_on,
                'measure' => $goal->measure->value === 'judged' ? ['kind' => 'judged'] : ['kind' => 'number', 'start' => 0, 'target' => 1],
            ],
        );
    }

    /** @return array{goal: array<string, mixed>, readings: list<array<string, mixed>>} */
    private function project(Contribution $link, Goal $parent, ?Person $viewer): array
    {
        return $this->written(
            id: "g$parent->id-pr$link->project_id",
            parent: $parent,
            viewer: $viewer,
            kind: ContributorKind::Project,
            key: $link->project_id,
            more: [
                'weight' => CoreRecords::exact($link->weight)->rounded(4),
                'created_on' => $link->project->created_on,
                'measure' => ['kind' => 'number', 'start' => 0, 'target' => 1],
            ],
        );
    }

    /**
     * @param int $key of the goal or project among the contributors
     * @param array<string, mixed> $more
     *
     * @return array{goal: array<string, mixed>, readings: list<array<string, mixed>>}
     */
    private function written(string $id, Goal $parent, ?Person $viewer, ContributorKind $kind, int $key, array $more): array
    {
        $days = $this->days($parent);
        $stored = $this->plans->holding($this->workspace->calendar()->period($parent->period), $viewer);
        $stored->prepare($days);
        $readings = [];
        $last = null;
        $aside = null;

        foreach ($days as $day) {
            foreach ($stored->rollup->contributors($stored->core($parent), $day) as $line) {
                if ($line->kind !== $kind || $line->id !== (string) $key) {
                    continue;
                }

                $aside = in_array($line->leftOut, [LeftOut::Dropped, LeftOut::Shelved], true) ? $line->since : $aside;
                $value = $line->progress?->rounded(10);

                if ($value !== null && $value !== $last) {
                    $readings[] = ['goal' => $id, 'on' => $day, 'value' => ($last = $value)];
                }
            }
        }

        return [
            'goal' => [
                'id' => $id,
                'title' => 'not visible to you',
                'horizon' => $parent->horizon,
                'period' => $parent->period,
                'parent' => "g$parent->id",
                ...$more,
                ...$aside === null ? [] : ['closed_on' => $aside, 'result' => 'dropped'],
            ],
            'readings' => $readings,
        ];
    }

    /** @return list<Day> from the day before the period, up to today */
    private function days(Goal $parent): array
    {
        $today = $this->workspace->today()->number;

        return array_map(Day::ofNumber(...), range(min($parent->starts_on->number - 1, $today), $today));
    }
}
