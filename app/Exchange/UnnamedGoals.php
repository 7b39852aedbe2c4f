<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Models\Goal;
use App\Models\Person;
use App\Models\Workspace;
use App\Queries\Goals\CoreRecords;
use App\Queries\Goals\StoredPlan;
use App\Queries\Goals\StoredPlans;
use Illuminate\Database\Eloquent\Collection;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Goals\LeftOut;

/**
 * Goals that count in a sum for readers who may not see them. They are written as what they give to that sum,
 * day by day, and nothing else: the figures of a plan file are those of the screen.
 */
final readonly class UnnamedGoals
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
     * Those that hang on one of the goals that are shown.
     *
     * @param Collection<int, Goal> $shown
     *
     * @return list<array{goal: array<string, mixed>, readings: list<array<string, mixed>>}>
     */
    public function beside(Collection $shown, ?Person $viewer): array
    {
        $hidden = Goal::query()
            ->where('counts_unnamed', true)
            ->whereIn('parent_id', $shown->modelKeys())
            ->whereKeyNot($shown->modelKeys())
            ->orderBy('id')
            ->get();

        return array_values(
            $hidden
                ->map(
                    fn(Goal $goal): array => $this->written(
                        $goal,
                        $shown->findOrFail($goal->parent_id),
                        $this->plans->holding($this->workspace->calendar()->period($goal->period), $viewer),
                    ),
                )
                ->all(),
        );
    }

    /** @return array{goal: array<string, mixed>, readings: list<array<string, mixed>>} */
    private function written(Goal $goal, Goal $parent, StoredPlan $stored): array
    {
        $days = $this->days($parent);
        $stored->prepare($days);
        $readings = [];
        $last = null;
        $dropped = null;

        foreach ($days as $day) {
            foreach ($stored->rollup->contributors($stored->core($parent), $day) as $line) {
                if ($line->id !== (string) $goal->id) {
                    continue;
                }

                $dropped = $line->leftOut === LeftOut::Dropped ? $line->since : $dropped;
                $value = $line->progress?->rounded(10);

                if ($value !== null && $value !== $last) {
                    $readings[] = ['goal' => "g$goal->id", 'on' => $day, 'value' => ($last = $value)];
                }
            }
        }

        return [
            'goal' => [
                'id' => "g$goal->id",
                'title' => 'not visible to you',
                'horizon' => $parent->horizon,
                'period' => $parent->period,
                'parent' => "g$parent->id",
                'weight' => CoreRecords::exact($goal->weight)->rounded(4),
                'created_on' => $goal->created_on,
                'measure' => $goal->measure->value === 'judged' ? ['kind' => 'judged'] : ['kind' => 'number', 'start' => 0, 'target' => 1],
                ...$dropped === null ? [] : ['closed_on' => $dropped, 'result' => 'dropped'],
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
