<?php

declare(strict_types=1);

namespace App\Queries\Week;

use App\Models\Area;
use App\Models\MainEffort;
use App\Models\Person;
use App\Models\Workspace;
use App\Queries\Hours\DoneHours;
use App\Queries\Hours\DoneWork;
use App\Queries\Hours\HoursAccount;
use App\Queries\Parts\Answers\TaskRow;
use App\Queries\Plan\Answers\Cord;
use App\Queries\Plan\StoredPlans;
use App\Queries\Plan\Threads;
use App\Queries\Week\Answers\DoneShare;
use App\Queries\Week\Answers\DoneView;
use App\Store\Question;
use App\Store\Remembered;
use Loftrin\Core\Calendar\Span;
use Loftrin\Core\Fraction;
use Loftrin\Core\Hours\Ledger;
use Loftrin\Core\Hours\LedgerEntry;

/** What a person got done in any span, in hours and share, with the tasks behind each figure. */
final readonly class DonePage
{
    /** With how many spans of the same length before it a span is compared. */
    private const BEFORE = 4;

    public function __construct(
        private Workspace $workspace,
        private StoredPlans $plans,
        private Remembered $remembered,
        private DoneHours $hours,
    ) {
    }

    public function of(Span $span, Person $person): DoneView
    {
        return $this->remembered->of(
            Question::by($person, 'done', $span->first, $span->last),
            fn(): DoneView => $this->workOut($span, $person, hasTasks: true),
        );
    }

    /** The same sums without the tasks behind them: a year has thousands. */
    public function sums(Span $span, Person $person): DoneView
    {
        return $this->remembered->of(
            Question::by($person, 'sums of what was done', $span->first, $span->last),
            fn(): DoneView => $this->workOut($span, $person, hasTasks: false)->bare(),
        );
    }

    /** @param bool $hasTasks whether the tasks are listed beside the sums */
    private function workOut(Span $span, Person $person, bool $hasTasks): DoneView
    {
        $week = $this->workspace->calendar()->weekOf($span->last);
        $threads = $this->plans->threads($person, $week);
        $account = $this->hours->of($span, $person, $hasTasks);
        $ledger = $account->ledger;
        $earlier = new Span($span->first->plus(-self::BEFORE * $span->length()), $span->first->plus(-1));
        $before = $this->hours->of($earlier, $person)->ledger;

        return new DoneView(
            from: $span->first,
            until: $span->last,
            minutes: self::whole($ledger->minutes),
            alignment: $ledger->alignment()?->percent(),
            spans: self::BEFORE,
            minutesBefore: self::whole($before->minutes->over(Fraction::of(self::BEFORE))),
            alignmentBefore: $before->alignment()?->percent(),
            byGoal: self::byGoal($account, $threads),
            byEffort: self::byEffort($ledger),
            byArea: self::byArea($ledger),
            tasks: $hasTasks ? $this->tasks($span, $person, $threads) : [],
        );
    }

    /** @return list<TaskRow> the last first */
    private function tasks(Span $span, Person $person, Threads $threads): array
    {
        return TaskRow::all(DoneWork::in($span, $person)->orderByDesc('done_on')->orderByDesc('id'), $threads, $this->workspace);
    }

    /** @return list<DoneShare> what led to no goal last */
    private static function byGoal(HoursAccount $account, Threads $threads): array
    {
        $ledger = $account->ledger;
        $shares = [];

        foreach ($ledger->byGoal as $goal => $minutes) {
            $shares[] = self::share(
                title: $account->titleOf($goal),
                minutes: $minutes,
                ledger: $ledger,
                tasks: $ledger->tasksByGoal[$goal],
                cord: $threads->ofGoal((int) $goal),
            );
        }

        $loose = $ledger->minutes->minus($ledger->threaded);

        return self::largestFirst(
            $shares,
            $loose->isZero() ? null : self::share('Not linked to a goal', $loose, $ledger, $ledger->tasksByGoal['']),
        );
    }

    /** @return list<DoneShare> */
    private static function byEffort(Ledger $ledger): array
    {
        $efforts = array_diff_key($ledger->byEffort, ['' => true]);
        $shares = [];

        foreach (MainEffort::query()->whereKey(array_keys($efforts))->orderBy('id')->get() as $effort) {
            $of = $ledger->where(static fn(LedgerEntry $entry): bool => $entry->effort === (string) $effort->id);
            $shares[] = self::share($effort->title, $of->minutes, $ledger, array_column($of->entries, 'task'));
        }

        return self::largestFirst($shares);
    }

    /** @return list<DoneShare> */
    private static function byArea(Ledger $ledger): array
    {
        $shares = [];

        $names = Area::query()->whereKey(array_keys($ledger->byArea))->get()->keyBy('id');

        foreach ($ledger->byArea as $id => $minutes) {
            $area = $names->get((int) $id);

            if ($area !== null) {
                $shares[] = self::share($area->name, $minutes, $ledger, $ledger->tasksByArea[$id]);
            }
        }

        $none = $ledger->byArea[''] ?? Fraction::zero();

        return self::largestFirst($shares, $none->isZero() ? null : self::share('No area', $none, $ledger, $ledger->tasksByArea['']));
    }

    /** @param array<array-key, int|string> $tasks ids */
    private static function share(string $title, Fraction $minutes, Ledger $ledger, array $tasks, ?Cord $cord = null): DoneShare
    {
        return new DoneShare(
            title: $title,
            cord: $cord,
            minutes: self::whole($minutes),
            share: $ledger->minutes->isZero() ? 0 : $minutes->over($ledger->minutes)->percent(),
            tasks: array_values(array_map(intval(...), $tasks)),
        );
    }

    /**
     * @param list<DoneShare> $shares
     *
     * @return list<DoneShare>
     */
    private static function largestFirst(array $shares, ?DoneShare $rest = null): array
    {
        usort($shares, static fn(DoneShare $a, DoneShare $b): int => $b->minutes <=> $a->minutes);

        return $rest === null ? $shares : [...$shares, $rest];
    }

    private static function whole(Fraction $minutes): int
    {
        return (int) $minutes->rounded(0);
    }
}
