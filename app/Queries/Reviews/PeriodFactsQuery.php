<?php

declare(strict_types=1);

namespace App\Queries\Reviews;

use App\Models\Assumption;
use App\Models\MainEffort;
use App\Models\Person;
use App\Models\Review;
use App\Models\Task;
use App\Models\TradeOff;
use App\Models\Workspace;
use App\Queries\Hours\DoneHours;
use App\Queries\Hours\DoneWork;
use App\Queries\Meetings\DecisionsPage;
use App\Queries\Reviews\Answers\AssumptionSeen;
use App\Queries\Reviews\Answers\EffortSpent;
use App\Queries\Reviews\Answers\HoursOfWeek;
use App\Queries\Reviews\Answers\PeriodFacts;
use App\Queries\Week\DonePage;
use App\Store\Question;
use App\Store\Remembered;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Calendar\Period;
use Loftrin\Core\Calendar\Span;
use Loftrin\Core\Fraction;

/** Works out what happened in a person's month, quarter or year. */
final readonly class PeriodFactsQuery
{
    /** So many decisions are listed. */
    private const DECISIONS = 40;

    public function __construct(
        private Workspace $workspace,
        private DonePage $done,
        private DoneHours $hours,
        private PromisedGoals $promised,
        private DecisionsPage $decisions,
        private Remembered $remembered,
    ) {
    }

    /** Kept until anything is changed. */
    public function of(Period $period, Person $person): PeriodFacts
    {
        return $this->remembered->of(
            Question::by($person, 'facts of a period', $period->name),
            fn(): PeriodFacts => $this->workOut($period, $person),
        );
    }

    private function workOut(Period $period, Person $person): PeriodFacts
    {
        $asOf = $this->asOf($period);
        $span = new Span($period->span->first, $asOf);
        $done = $this->done->sums($span, $person);
        $goals = $this->promised->of($period, $person, $asOf);
        $ids = array_map(static fn(Answers\PromisedGoal $promised): int => $promised->goal->id, $goals);
        $weeks = array_values(
            array_filter(
                $this->workspace->calendar()->weeksIn($period->span),
                fn(Period $week): bool => $week->hasBegunOn($this->workspace->today()),
            ),
        );

        return new PeriodFacts(
            asOf: $asOf,
            minutes: $done->minutes,
            alignment: $done->alignment,
            before: $done->alignmentBefore,
            done: DoneWork::in($span, $person)->count(),
            goals: $goals,
            estimates: PromisedGoals::sentence($goals),
            weeks: $this->weeks($span, $person),
            byGoal: $done->byGoal,
            byArea: $done->byArea,
            efforts: $this->efforts($ids, $span, $person, count($weeks)),
            assumptions: self::assumptions($ids),
            tradeOffs: self::tradeOffs($ids),
            decisions: $this->decisions->lines(
                DecisionsPage::visibleTo($person)
                    ->whereBetween('decided_on', [(string) $span->first, (string) $span->last])
                    ->limit(self::DECISIONS),
                $person,
            ),
            reviewed: Review::query()
                ->where('person_id', $person->id)
                ->whereNotNull('held_at')
                ->whereIn('period', array_map(static fn(Period $week): string => $week->name, $weeks))
                ->count(),
            of: count($weeks),
        );
    }

    private function asOf(Period $period): Day
    {
        $today = $this->workspace->today();

        return $today->isBefore($period->span->first) ? $period->span->first : $period->span->asOf($today);
    }

    /** @return list<HoursOfWeek> those that hold a day of the span, each as far as its days are of it: together they are the whole */
    private function weeks(Span $span, Person $person): array
    {
        $ledger = $this->hours->of($span, $person)->ledger;
        $calendar = $this->workspace->calendar();
        $weeks = [];

        for ($week = $calendar->weekOf($span->first); ! $week->span->first->isAfter($span->last); $week = $calendar->next($week)) {
            $of = $ledger->during($week->span);
            $weeks[] = new HoursOfWeek($week->name, (int) $of->minutes->rounded(0), (int) $of->threaded->rounded(0));
        }

        return $weeks;
    }

    /**
     * By whoever worked on them.
     *
     * @param list<int> $goals
     *
     * @return list<EffortSpent>
     */
    private function efforts(array $goals, Span $span, Person $viewer, int $weeks): array
    {
        $efforts = MainEffort::query()->whereIn('goal_id', $goals)->orderBy('id')->get();
        $given = $this->hours->account(
            $span,
            Task::query()->visibleTo($viewer)->whereIn('main_effort_id', $efforts->modelKeys()),
            $viewer,
        )->ledger->byEffort;

        return array_values(
            $efforts
                ->map(
                    static fn(MainEffort $effort): EffortSpent => new EffortSpent(
                        $effort->title,
                        $effort->hours === null ? null : (float) $effort->hours,
                        round(($given[$effort->id] ?? Fraction::zero())->rounded(0) / 60 / max(1, $weeks), 1),
                    ),
                )
                ->all(),
        );
    }

    /**
     * @param list<int> $goals
     *
     * @return list<AssumptionSeen>
     */
    private static function assumptions(array $goals): array
    {
        return array_values(
            Assumption::query()
                ->whereIn('goal_id', $goals)
                ->orderBy('test_on')
                ->orderBy('id')
                ->get()
                ->map(
                    static fn(Assumption $each): AssumptionSeen => new AssumptionSeen(
                        $each->title,
                        $each->test_on,
                        $each->seen === '' ? null : $each->seen,
                    ),
                )
                ->all(),
        );
    }

    /**
     * @param list<int> $goals
     *
     * @return list<string>
     */
    private static function tradeOffs(array $goals): array
    {
        return array_values(
            TradeOff::query()
                ->whereIn('goal_id', $goals)
                ->orderBy('id')
                ->get()
                ->map(static fn(TradeOff $each): string => $each->title)
                ->all(),
        );
    }
}
