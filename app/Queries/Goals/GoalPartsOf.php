<?php

declare(strict_types=1);

namespace App\Queries\Goals;

use App\Models\Assumption;
use App\Models\Goal;
use App\Models\MainEffort;
use App\Models\Person;
use App\Models\RecurringTask;
use App\Models\Task;
use App\Models\TradeOff;
use App\Models\Workspace;
use App\Queries\Goals\Answers\AssumptionRow;
use App\Queries\Goals\Answers\GoalParts;
use App\Queries\Goals\Answers\GoalTag;
use App\Queries\Goals\Answers\MainEffortRow;
use App\Queries\Goals\Answers\TradeOffRow;
use App\Queries\Hours\DoneHours;
use App\Queries\Parts\Answers\PersonTag;
use App\Queries\Plan\CoreRecords;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\Gate;
use Loftrin\Core\Calendar\Period;
use Loftrin\Core\Calendar\PlanningSpan;
use Loftrin\Core\Calendar\Span;
use Loftrin\Core\Fraction;

/** Main efforts, assumptions and trade-offs, by goal; only of goals that the reader may see. */
final readonly class GoalPartsOf
{
    public function __construct(private Workspace $workspace, private DoneHours $hours)
    {
    }

    public function goal(Goal $goal, Person $viewer): GoalParts
    {
        return $this->all([$goal], $viewer)[0];
    }

    /** @return list<GoalParts> of the goals of a stretch that is planned, the main one first */
    public function stretch(PlanningSpan $stretch, Person $viewer): array
    {
        $names = array_map(static fn(Period $period): string => $period->name, $stretch->periods);

        return $this->all($this->visible($viewer)->whereIn('period', $names)->get()->all(), $viewer);
    }

    /**
     * Those of open goals whose period holds something of the week, with what the person did of each main effort in it: of the
     * efforts their own and those that they worked on.
     *
     * @return list<GoalParts> those that have any
     */
    public function inWeek(Span $week, Person $whose, Person $viewer): array
    {
        $goals = $this->visible($viewer)
            ->whereNull('closed_on')
            ->where('starts_on', '<=', (string) $week->last)
            ->where('ends_on', '>=', (string) $week->first)
            ->get();
        $done = array_map(
            static fn(Fraction $minutes): int => (int) $minutes->rounded(0),
            $this->hours->account($week, Task::query()->openToAll()->where('owner_id', $whose->id), $viewer)->ledger->byEffort,
        );
        $parts = array_map(static fn(GoalParts $each): GoalParts => $each->ofWeekOf($whose->id), $this->all($goals->all(), $viewer, $done));

        return array_values(array_filter($parts, static fn(GoalParts $each): bool => ! $each->isEmpty()));
    }

    /** @return Builder<Goal> */
    private function visible(Person $viewer): Builder
    {
        return Goal::query()->visibleTo($viewer)->with('owner')->orderByDesc('is_main')->orderByDesc('is_first')->orderBy('id');
    }

    /**
     * @param array<Goal> $goals
     * @param ?array<array-key, int> $done in the week that is shown: minutes by main effort
     *
     * @return list<GoalParts>
     */
    private function all(array $goals, Person $viewer, ?array $done = null): array
    {
        $all = array_sum($done ?? []);
        $ids = array_map(static fn(Goal $goal): int => $goal->id, array_values($goals));
        $efforts = MainEffort::query()->whereIntegerInRaw('goal_id', $ids)->with('person')->orderBy('id')->get()->groupBy('goal_id');
        $assumptions = Assumption::query()
            ->whereIntegerInRaw('goal_id', $ids)
            ->with('person')
            ->orderBy('test_on')
            ->orderBy('id')
            ->get()
            ->groupBy('goal_id');
        $tradeOffs = TradeOff::query()->whereIntegerInRaw('goal_id', $ids)->with('person')->orderBy('id')->get()->groupBy('goal_id');
        $comesBack = RecurringTask::query()
            ->visibleTo($viewer)
            ->running()
            ->whereIn('main_effort_id', MainEffort::query()->whereIntegerInRaw('goal_id', $ids)->select('id'))
            ->orderBy('title')
            ->get()
            ->groupBy('main_effort_id')
            ->map(
                static fn(Collection $of): array => array_values(
                    $of->map(static fn(RecurringTask $each): string => "$each->title, $each->words")->all(),
                ),
            );
        $effort = static fn(MainEffort $each): MainEffortRow => new MainEffortRow(
            id: $each->id,
            title: $each->title,
            person: PersonTag::of($each->person),
            hours: $each->hours === null ? null : (string) CoreRecords::exact($each->hours)->rounded(1),
            minutes: $done === null ? null : $done[$each->id] ?? 0,
            share: $all === 0 ? null : (int) round((100 * ($done[$each->id] ?? 0)) / $all),
            comesBack: $comesBack->get($each->id) ?? [],
        );

        return array_map(
            fn(Goal $goal): GoalParts => new GoalParts(
                GoalTag::of($goal),
                $goal->closed_on === null && Gate::forUser($viewer)->allows('update', $goal),
                self::rows($efforts->get($goal->id), $effort),
                self::rows($assumptions->get($goal->id), $this->assumption(...)),
                self::rows(
                    $tradeOffs->get($goal->id),
                    static fn(TradeOff $each): TradeOffRow => new TradeOffRow($each->id, $each->title, PersonTag::of($each->person)),
                ),
            ),
            array_values($goals),
        );
    }

    /**
     * @template Part
     * @template Row
     *
     * @param ?Collection<int, Part> $parts
     * @param callable(Part): Row $row
     *
     * @return list<Row>
     */
    private static function rows(?Collection $parts, callable $row): array
    {
        return array_values(array_map($row, $parts?->all() ?? []));
    }

    private function assumption(Assumption $each): AssumptionRow
    {
        return new AssumptionRow(
            $each->id,
            $each->title,
            PersonTag::of($each->person),
            $each->test_on,
            $each->seen_on === null && ! $each->test_on->isAfter($this->workspace->today()),
            $each->seen,
            $each->seen_on,
        );
    }
}
