<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Models\Contribution;
use App\Models\Goal;
use App\Models\Person;
use App\Models\Project;
use App\Models\Workspace;
use App\Queries\Plan\CoreRecords;
use App\Queries\Plan\StoredPlans;
use Illuminate\Database\Eloquent\Collection;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Fraction;
use Loftrin\Core\Goals\Contributor;
use Loftrin\Core\Goals\ContributorKind;
use Loftrin\Core\Goals\Result;
use Loftrin\Core\Work\LeftOut;
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
            ->get()
            ->keyBy('id');
        // What carries on one that is not shown either is a part of what that gives.
        $whole = $goals->reject(static fn(Goal $goal): bool => $goals->get($goal->predecessor_id ?? 0)?->parent_id === $goal->parent_id);
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
                $whole->map(fn(Goal $goal): array => $this->goal($goal, $goals, $shown, $viewer))->all(),
            ),
            ...array_values(
                $links->map(fn(Contribution $link): array => $this->project($link, $shown->findOrFail($link->goal_id), $viewer))->all(),
            ),
        ];
    }

    /**
     * @param Collection<int, Goal> $beside all that are not shown, by id
     * @param Collection<int, Goal> $shown
     *
     * @return array{goal: array<string, mixed>, readings: list<array<string, mixed>>}
     */
    private function goal(Goal $goal, Collection $beside, Collection $shown, ?Person $viewer): array
    {
        $parts = [$goal->id];

        foreach ($beside as $each) {
            if (in_array($each->predecessor_id, $parts, true)) {
                $parts[] = $each->id;
            }
        }

        return $this->written(
            id: "g$goal->id",
            parent: $shown->findOrFail($goal->parent_id),
            viewer: $viewer,
            kind: ContributorKind::Goal,
            keys: $parts,
            more: [
                'weight' => CoreRecords::exact($goal->weight)->rounded(4),
                'created_on' => $goal->created_on,
                ...$this->carries($goal, $shown) ? ['carries' => "g$goal->predecessor_id"] : [],
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
            keys: [$link->project_id],
            more: [
                'weight' => CoreRecords::exact($link->weight)->rounded(4),
                'created_on' => $link->from_on ?? $link->project->created_on,
                'measure' => ['kind' => 'number', 'start' => 0, 'target' => 1],
            ],
        );
    }

    /**
     * @param non-empty-list<int> $keys of the goal or project among the contributors, and of those that count for the rest of it
     * @param array<string, mixed> $more
     *
     * @return array{goal: array<string, mixed>, readings: list<array<string, mixed>>}
     */
    private function written(string $id, Goal $parent, ?Person $viewer, ContributorKind $kind, array $keys, array $more): array
    {
        $days = $this->days($parent);
        $stored = $this->plans->holding($this->workspace->calendar()->period($parent->period), $viewer);
        $stored->prepare($days);
        $readings = [];
        $last = null;
        $aside = null;

        foreach ($days as $day) {
            $lines = array_filter(
                $stored->rollup->contributors($stored->core($parent), $day),
                static fn(Contributor $line): bool => $line->kind === $kind && in_array((int) $line->id, $keys, true),
            );
            $whole = current(array_filter($lines, static fn(Contributor $line): bool => $line->id === (string) $keys[0]));

            if ($whole === false) {
                continue;
            }

            $aside = match ($whole->leftOut) {
                LeftOut::Stopped, LeftOut::Dropped, LeftOut::Shelved => $whole->since,
                LeftOut::NoBasis => $more['created_on'],
                LeftOut::Judged, LeftOut::Proposed, null => $aside,
            };
            $value = self::given($whole, $lines);

            if ($value !== null && $value !== $last) {
                $readings[] = ['goal' => $id, 'on' => $day, 'value' => ($last = $value)];
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
                ...$aside === null ? [] : ['closed_on' => $aside, 'result' => Result::Stopped],
            ],
            'readings' => $readings,
        ];
    }

    /**
     * What all lines give to the sum, as if it were given by the one.
     *
     * @param array<int, Contributor> $lines
     */
    private static function given(Contributor $whole, array $lines): ?float
    {
        $plus = static fn(Fraction $sum, Contributor $line): Fraction => $sum->plus($line->points());
        $points = array_reduce($lines, $plus, Fraction::zero());

        return $whole->progress === null || $whole->share === null ? null : $points->over($whole->share)->rounded(10);
    }

    /**
     * Whether it carries on one that is shown.
     *
     * @param Collection<int, Goal> $shown
     */
    private function carries(Goal $goal, Collection $shown): bool
    {
        $carried = $shown->find($goal->predecessor_id ?? 0);

        return $carried?->closed_on !== null &&
            $carried->result !== Result::Stopped &&
            $goal->created_on?->isBefore($carried->closed_on) === false;
    }

    /** @return list<Day> from the day before the period, up to today */
    private function days(Goal $parent): array
    {
        $today = $this->workspace->today()->number;

        return array_map(Day::ofNumber(...), range(min($parent->starts_on->number - 1, $today), $today));
    }
}
