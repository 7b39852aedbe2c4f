<?php

declare(strict_types=1);

namespace App\Queries\Reviews;

use App\Models\Estimate;
use App\Models\Goal;
use App\Models\Person;
use App\Models\Workspace;
use App\Queries\Goals\GoalRows;
use App\Queries\Reviews\Answers\PromisedGoal;
use Illuminate\Database\Eloquent\Collection;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Calendar\Horizon;
use Loftrin\Core\Calendar\Period;
use Loftrin\Core\Fraction;
use Loftrin\Core\Goals\Calibration;
use Loftrin\Core\Goals\Estimate as CoreEstimate;
use Loftrin\Core\Goals\Result;

/** What was promised for a period, and what became of it, goal by goal. Rules: computation 6. */
final readonly class PromisedGoals
{
    /** Estimates that are no more than so many points off are right. */
    private const CLOSE = 3;

    public function __construct(private Workspace $workspace, private GoalRows $rows)
    {
    }

    /** @return list<PromisedGoal> of the period in the order of the year; of a year, with those of its quarters after them */
    public function of(Period $period, Person $viewer, Day $asOf): array
    {
        $year = $this->workspace->calendar()->yearOf($period->anchor());
        $quarters = array_map(static fn(int $number): string => "$period->name-Q$number", [1, 2, 3, 4]);
        $periods = $period->horizon === Horizon::Year ? [$period->name, ...$quarters] : [$period->name];
        $goals = Goal::query()
            ->visibleTo($viewer)
            ->whereIn('period', $periods)
            ->orderByRaw("case horizon when 'year' then 0 else 1 end")
            ->orderBy('period')
            ->orderBy('id')
            ->get()
            ->keyBy('id');
        $rows = $this->rows->only(array_values($goals->modelKeys()), $year, $viewer, $asOf);
        $estimates = Estimate::query()
            ->whereIn('goal_id', $goals->modelKeys())
            ->where('on', '<=', (string) $asOf)
            ->orderBy('on')
            ->orderBy('id')
            ->get()
            ->groupBy('goal_id');

        return array_values(
            $goals
                ->filter(static fn(Goal $goal): bool => isset($rows[$goal->id]))
                ->map(
                    static fn(Goal $goal): PromisedGoal => new PromisedGoal(
                        $rows[$goal->id],
                        self::first($estimates->get($goal->id), $goal),
                        $rows[$goal->id]->isClosed ? $goal->result : null,
                    ),
                )
                ->all(),
        );
    }

    /**
     * How the first estimates compare with what became of the goals: "Owners gave 7 goals a 69% chance on average, and 57% were
     * met: overconfident by 12 points." Null with fewer than five.
     *
     * @param list<PromisedGoal> $goals
     */
    public static function sentence(array $goals): ?string
    {
        $judged = array_values(
            array_filter(
                $goals,
                static fn(PromisedGoal $each): bool => $each->estimate !== null &&
                    $each->result !== null &&
                    $each->result !== Result::Stopped,
            ),
        );
        $results = [];

        foreach ($judged as $each) {
            $results[(string) $each->goal->id] = $each->result ?? Result::Stopped;
        }

        $calibration = Calibration::of(
            array_map(
                static fn(PromisedGoal $each): CoreEstimate => new CoreEstimate(
                    (string) $each->goal->id,
                    Fraction::of((int) $each->estimate, 100),
                ),
                $judged,
            ),
            $results,
        );

        if ($calibration === null) {
            return null;
        }

        $count = count($judged);
        $said = (int) round(array_sum(array_map(static fn(PromisedGoal $each): int => (int) $each->estimate, $judged)) / $count);
        $met = (int) round(
            (100 * count(array_filter($judged, static fn(PromisedGoal $each): bool => $each->result === Result::Met))) / $count,
        );
        $points = abs($said - $met);
        $how = match (true) {
            $points <= self::CLOSE => 'about right',
            $said > $met => "overconfident by $points points",
            default => "underconfident by $points points",
        };

        return "Owners gave $count goals a $said% chance on average, and $met% were met: $how.";
    }

    /** @param ?Collection<int, Estimate> $estimates in the order of time */
    private static function first(?Collection $estimates, Goal $goal): ?int
    {
        return $estimates?->firstWhere('person_id', $goal->owner_id)?->chance;
    }
}
