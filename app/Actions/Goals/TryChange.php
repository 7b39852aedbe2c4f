<?php

declare(strict_types=1);

namespace App\Actions\Goals;

use App\Models\Goal;
use App\Models\Person;
use App\Models\Workspace;
use App\Queries\Goals\Answers\ChangedFigure;
use App\Queries\Goals\Answers\ChangePreview;
use App\Queries\Parts\Answers\Gauge;
use App\Queries\Plan\StoredPlan;
use App\Store\RefusedChange;
use Illuminate\Support\Facades\DB;
use Loftrin\Core\Calendar\Period;
use Loftrin\Core\Goals\Lineage;

/** Shows what a change would do to the figures of goals and of those above them, by doing it and taking it back before anybody sees it. */
final readonly class TryChange
{
    public function __construct(private Workspace $workspace)
    {
    }

    /**
     * @param list<?int> $goals ids of those that would be changed, and of those that they would come under
     * @param callable(): mixed $change
     *
     * @return ChangePreview those goals, and of the ones above them those whose figure would be another
     *
     * @throws RefusedChange as the change itself would be refused
     */
    public function __invoke(Person $who, Period $within, array $goals, callable $change): ChangePreview
    {
        $ids = $this->upFrom($goals);
        $before = $this->gauges($who, $within, $ids);
        DB::beginTransaction();

        try {
            $change();
            $after = $this->gauges($who, $within, $ids);
        } finally {
            DB::rollBack();
        }

        $figures = [];

        foreach ($before as $id => [$title, $gauge]) {
            if (isset($after[$id]) && (in_array($id, $goals, true) || self::shown($gauge) !== self::shown($after[$id][1]))) {
                $figures[] = new ChangedFigure($title, $gauge, $after[$id][1]);
            }
        }

        return new ChangePreview($figures);
    }

    /**
     * @param list<?int> $goals
     *
     * @return list<int> ids of the goals and of those above them, from them upwards
     */
    private function upFrom(array $goals): array
    {
        $ids = [];

        foreach (Goal::query()->whereKey(array_filter($goals, is_int(...)))->get() as $goal) {
            $way = Lineage::upFrom($goal, static fn(Goal $at): ?Goal => $at->parent()->first(), static fn(Goal $at): int => $at->id);
            $ids += array_fill_keys(array_map(static fn(Goal $at): int => $at->id, $way), true);
        }

        return array_keys($ids);
    }

    /**
     * @param list<int> $ids
     *
     * @return array<int, array{string, Gauge}> as the plan stands now, by id; those of other years are left out
     */
    private function gauges(Person $who, Period $within, array $ids): array
    {
        $today = $this->workspace->today();
        $stored = StoredPlan::ofYear($this->workspace, $who, $this->workspace->calendar()->yearOf($within->anchor()));
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
