<?php

declare(strict_types=1);

namespace App\Queries\Reviews;

use App\Models\Goal;
use App\Models\Jot;
use App\Models\Person;
use App\Models\Task;
use App\Models\Workspace;
use App\Queries\Goals\Answers\GoalRow;
use App\Queries\Hours\DoneHours;
use App\Queries\Hours\DoneWork;
use App\Queries\Hours\HoursAccount;
use App\Queries\Meetings\DecisionsPage;
use App\Queries\Meetings\Occurrences;
use App\Queries\Meetings\SearchedMinutes;
use App\Queries\Plan\StoredPlan;
use App\Queries\Plan\StoredPlans;
use App\Queries\Plan\Threads;
use App\Queries\Projects\WorkCounts;
use App\Queries\Reviews\Answers\MovedGoal;
use App\Queries\Reviews\Answers\StepsAgreed;
use App\Queries\Reviews\Answers\WeekFacts;
use App\Queries\Reviews\Answers\WorkShare;
use App\Queries\Week\DonePage;
use App\Store\Question;
use App\Store\Remembered;
use Illuminate\Database\Eloquent\Builder;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Calendar\Horizon;
use Loftrin\Core\Calendar\Period;
use Loftrin\Core\Calendar\Span;
use Loftrin\Core\Fraction;
use Loftrin\Core\Work\ProjectCondition;

/** Works out what happened in a person's week. */
final readonly class FactsQuery
{
    /** With how many weeks before it a week is compared. */
    private const WEEKS_BEFORE = 4;

    /** So many tasks stand by name under a goal that moved. */
    private const TASKS = 3;

    public function __construct(
        private Workspace $workspace,
        private StoredPlans $plans,
        private Occurrences $occurrences,
        private WorkCounts $counts,
        private DonePage $done,
        private DoneHours $hours,
        private DecisionsPage $decisions,
        private WrittenDays $days,
        private MovingTasks $moving,
        private Remembered $remembered,
    ) {
    }

    /** Kept until anything is changed. */
    public function of(Period $week, Person $person): WeekFacts
    {
        return $this->remembered->of(
            Question::by($person, 'facts of a week', $week->name),
            fn(): WeekFacts => $this->workOut($week, $person),
        );
    }

    private function workOut(Period $week, Person $person): WeekFacts
    {
        $asOf = $week->span->asOf($this->workspace->today());
        $stored = $this->plans->holding($week, $person);
        $stored->prepare([$asOf, $week->span->first->plus(-1)]);
        $threads = $this->plans->threads($person, $week);
        $account = $this->hours->of($week->span, $person);
        $earlier = new Span($week->span->first->plus(-7 * self::WEEKS_BEFORE), $week->span->first->plus(-1));
        $before = $this->hours->of($earlier, $person)->ledger;
        $left = new LeftOverTasks($this->workspace, $person, $week);
        $done = $this->done->sums($week->span, $person);

        return new WeekFacts(
            asOf: $asOf,
            minutes: (int) $account->ledger->minutes->rounded(0),
            alignment: $account->ledger->alignment()?->percent(),
            before: $before->alignment()?->percent(),
            work: self::work($account, $threads),
            moved: $this->moved($week, $asOf, $stored, $threads, $person),
            promised: $this->promised($week, $asOf, $stored, $threads),
            meetings: $this->occurrences->within($week->span, $person),
            nextSteps: self::nextSteps($week->span, $person),
            done: DoneWork::in($week->span, $person)->count(),
            late: $left->late()->count(),
            carried: $left->carried()->count(),
            stuck: $this->counts->ofActive($person)->in(ProjectCondition::Stuck),
            withOthers: $left->withOthers()->count(),
            withoutActivity: $left->withoutActivity()->count(),
            tray: Jot::query()->inTrayOf($person, $asOf)->count(),
            byEffort: $done->byEffort,
            byArea: $done->byArea,
            decisions: $this->decisions->lines(
                DecisionsPage::visibleTo($person)->whereBetween('decided_on', [(string) $week->span->first, (string) $week->span->last]),
                $person,
            ),
            findings: $this->days->findings($week->span, $person),
            blank: $this->days->blank($week->span, $person),
            appointments: $this->days->appointments(new Span($week->span->first, $week->span->last->plus(7)), $person),
        );
    }

    /** Of meetings that the person may know of. */
    private static function nextSteps(Span $span, Person $person): StepsAgreed
    {
        $steps = Task::query()
            ->visibleTo($person)
            ->whereHas(
                'agendaItem.meeting',
                static fn(Builder $meeting) => $meeting
                    ->whereBetween('on', [(string) $span->first, (string) $span->last])
                    ->whereIn('id', SearchedMinutes::meetings($person, null)->select('id')),
            )
            ->toBase()
            ->selectRaw('count(*) as agreed, count(done_on) as done')
            ->first();

        return new StepsAgreed((int) ($steps->agreed ?? 0), (int) ($steps->done ?? 0));
    }

    /** @return list<WorkShare> the largest first; what served no goal last */
    private static function work(HoursAccount $account, Threads $threads): array
    {
        $ledger = $account->ledger;
        $shares = [];

        foreach ($ledger->byGoal as $goal => $minutes) {
            $shares[] = new WorkShare($threads->ofGoal((int) $goal), (int) $minutes->rounded(0), $account->titleOf($goal));
        }

        usort($shares, static fn(WorkShare $a, WorkShare $b): int => $b->minutes <=> $a->minutes);
        $loose = (int) $ledger->minutes->minus($ledger->threaded)->rounded(0);

        return $loose > 0 ? [...$shares, new WorkShare(null, $loose, null)] : $shares;
    }

    /** @return list<MovedGoal> */
    private function moved(Period $week, Day $asOf, StoredPlan $stored, Threads $threads, Person $person): array
    {
        $quarter = $this->workspace->calendar()->quarterOf($week->anchor())->name;
        $moved = [];
        $tasks = $this->moving->of($week->span, $person);

        foreach ($stored->goals() as $goal) {
            if (
                $goal->horizon !== Horizon::Quarter ||
                $goal->period !== $quarter ||
                ($goal->closed_on !== null && $goal->closed_on->isBefore($week->span->first))
            ) {
                continue;
            }

            $now = $stored->rollup->progress($stored->core($goal), $asOf);
            $then = $stored->rollup->progress($stored->core($goal), $week->span->first->plus(-1));
            $moved[] = new MovedGoal(
                GoalRow::of($goal, $stored, $threads, $asOf),
                $now === null
                    ? null
                    : $now
                        ->minus($then ?? Fraction::zero())
                        ->times(Fraction::of(100))
                        ->rounded(1),
                array_slice($tasks[$goal->id] ?? [], 0, self::TASKS),
                max(0, count($tasks[$goal->id] ?? []) - self::TASKS),
            );
        }

        $gap = static fn(MovedGoal $moved): float => ($moved->goal->gauge->progress ?? 0.0) - ($moved->goal->gauge->expected ?? 0.0);
        usort($moved, static fn(MovedGoal $a, MovedGoal $b): int => $gap($a) <=> $gap($b));

        return $moved;
    }

    /** @return list<GoalRow> firm ones first */
    private function promised(Period $week, Day $asOf, StoredPlan $stored, Threads $threads): array
    {
        return array_values(
            $stored
                ->goals()
                ->filter(static fn(Goal $goal): bool => $goal->period === $week->name)
                ->sortBy(static fn(Goal $goal): array => [$goal->is_firm ? 0 : 1, $goal->id])
                ->map(static fn(Goal $goal): GoalRow => GoalRow::ofPeriod($goal, $stored, $threads, $asOf))
                ->all(),
        );
    }
}
