<?php

declare(strict_types=1);

namespace App\Actions\Goals;

use App\Models\Goal;
use App\Models\Person;
use App\Models\Workspace;
use App\Queries\Goals\ChangedFigure;
use App\Queries\Goals\ChangePreview;
use App\Queries\Goals\StoredPlan;
use App\Queries\Parts\Gauge;
use App\Store\RefusedChange;
use Illuminate\Support\Facades\DB;
use Loftrin\Core\Goals\Lineage;

/** Shows what a change to a goal would do to the figures, by doing it and taking it back before anybody sees it. */
final readonly class TryChange
{
    public function __construct(private Workspace $workspace, private SaveGoal $save)
    {
    }

    /** @throws RefusedChange as the change itself would be refused */
    public function __invoke(Person $who, Goal $goal, GoalDraft $draft): ChangePreview
    {
        $ids = array_values(array_unique([...$this->upFrom($goal->refresh()), ...$this->upFrom(Goal::query()->find($draft->parent))]));
        $before = $this->gauges($who, $goal, $ids);
        DB::beginTransaction();

        try {
            ($this->save)($who, $draft, $goal);
            $after = $this->gauges($who, $goal->refresh(), $ids);
        } finally {
            DB::rollBack();
        }

        $figures = [];

        foreach ($before as $id => [$title, $gauge]) {
            if (isset($after[$id]) && ($id === $goal->id || self::shown($gauge) !== self::shown($after[$id][1]))) {
                $figures[] = new ChangedFigure($title, $gauge, $after[$id][1]);
            }
        }

        return new ChangePreview($figures);
    }

    /** @return list<int> ids of the goal and of those above it, from it upwards */
    private function upFrom(?Goal $goal): array
    {
        return array_map(static fn(Goal $at): int => $at->id, Lineage::upFrom($goal, static fn(Goal $at): ?Goal => $at->parent()->first(), static fn(Goal $at): int => $at->id));
    }

    /**
     * @param list<int> $ids
     *
     * @return array<int, array{string, Gauge}> as the plan stands now, by id; those of other years are left out
     */
    private function gauges(Person $who, Goal $goal, array $ids): array
    {
        $calendar = $this->workspace->calendar();
        $today = $this->workspace->today();
        $stored = StoredPlan::ofYear($this->workspace, $who, $calendar->yearOf($calendar->period($goal->period)->anchor()));
        $stored->prepare([$today]);
        $gauges = [];

        foreach ($ids as $id) {
            $record = $stored->goals()->get($id);

            if ($record !== null) {
                $gauges[$id] = [$record->title, Gauge::ofGoal($record, $stored->figure($record, $today), $today)];
            }
        }

        return $gauges;
    }

    private static function shown(Gauge $gauge): string
    {
        return "$gauge->progress $gauge->expected $gauge->terms $gauge->standing";
    }
}
