<?php

declare(strict_types=1);

namespace App\Console\Bench;

use App\Models\Workspace;
use App\Queries\Plan\ScopeDay;
use App\Queries\Plan\StoredPlan;
use Illuminate\Support\Facades\DB;
use Loftrin\Core\Calendar\Day;

/** Measures the roll-up against the database's own sums. */
final readonly class RollupTimes
{
    /** @param int<1, max> $runs of each */
    public function __construct(private int $runs)
    {
    }

    /**
     * The figures of all goals of the year against the bare aggregates that they rest on: of today, and of the days on which goals were
     * closed.
     */
    public function said(): string
    {
        $workspace = Workspace::current();
        $today = $workspace->today();
        $year = $workspace->calendar()->yearOf($today);
        DB::flushQueryLog();
        DB::enableQueryLog();
        $this->allFigures(StoredPlan::ofYear($workspace, null, $year), $today);
        DB::disableQueryLog();
        $aggregates = array_filter(
            array_column(DB::getQueryLog(), 'query'),
            static fn(string $query): bool => str_contains($query, 'count(*) filter ('),
        );
        $key = (new ScopeDay($today))->key;
        $ofToday = array_filter(
            array_map(
                static fn(string $all): string => implode(
                    ' union all ',
                    array_filter(
                        explode(' union all ', $all),
                        static fn(string $part): bool => str_contains($part, "'$key' as day") || str_contains($part, "owner, '$key'"),
                    ),
                ),
                $aggregates,
            ),
            static fn(string $query): bool => $query !== '',
        );
        $ask = static function (array $queries): void {
            array_map(static fn(string $query): array => DB::select($query), $queries);
        };
        [$ours, $bare, $one] = Timed::inTurn(
            $this->runs,
            fn() => $this->allFigures(StoredPlan::ofYear($workspace, null, $year), $today),
            static fn() => $ask($aggregates),
            static fn() => $ask($ofToday),
        );

        return sprintf(
            'roll-up of all goals of the year %.1f ms; the bare aggregates that it rests on %.1f ms: %.1f '
                .'×; those of today alone %.1f ms: %.1f ×',
            $ours,
            $bare,
            $ours / $bare,
            $one,
            $ours / $one,
        );
    }

    private function allFigures(StoredPlan $stored, Day $today): void
    {
        $stored->prepare([$today]);

        foreach ($stored->plan->goals as $goal) {
            $stored->rollup->figure($goal, $today);
        }
    }
}
