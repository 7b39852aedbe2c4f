<?php

declare(strict_types=1);

namespace App\Queries\Calendar;

use App\Models\PeriodWords;
use App\Models\Person;
use App\Models\Review;
use App\Models\Workspace;
use App\Queries\Calendar\Answers\Frame;
use App\Queries\Calendar\Answers\Rail;
use App\Queries\Calendar\Answers\RailQuarter;
use App\Queries\Calendar\Answers\RailWeek;
use App\Queries\Calendar\Answers\WorkCalendar;
use App\Queries\Capture\Pending;
use App\Queries\Goals\Answers\GoalRow;
use App\Queries\Goals\GoalRows;
use App\Queries\Hours\WorkDone;
use App\Queries\Parts\Answers\PeriodTag;
use App\Queries\Parts\Answers\PersonTag;
use App\Queries\Plan\StoredPlans;
use App\Queries\Plan\Threads;
use App\Queries\Reviews\FirstDay;
use App\Store\Question;
use App\Store\Remembered;
use Loftrin\Core\Calendar\Horizon;
use Loftrin\Core\Calendar\Period;
use Loftrin\Core\Calendar\Weekday;

/** The frame around a screen, with the rail at the year that the screen is about. */
final readonly class FrameQuery
{
    public function __construct(
        private Workspace $workspace,
        private StoredPlans $plans,
        private WorkDone $workDone,
        private Pending $pending,
        private GoalRows $goals,
        private Remembered $remembered,
        private TimesAhead $times,
        private FirstDay $firstDay,
    ) {
    }

    /** @param ?Period $about what the screen is about, if it is a period */
    public function of(Person $viewer, ?Period $about): Frame
    {
        $today = $this->workspace->today();
        $calendar = $this->workspace->calendar();

        return new Frame(
            me: PersonTag::of($viewer),
            role: $viewer->role,
            workspace: $this->workspace->name,
            today: $today,
            thisWeek: $calendar->weekOf($today)->name,
            rail: $this->railAt($viewer, $calendar->yearOf($about === null ? $today : $about->anchor())),
            times: $this->times->all(),
            calendar: $this->calendar(),
            tray: $this->pending->tray($viewer),
            updates: $this->pending->updates($viewer),
            alert: $this->pending->alert($viewer),
            monthFirst: $viewer->month_first,
        );
    }

    private function calendar(): WorkCalendar
    {
        $calendar = $this->workspace->calendar();
        $sundayFirst = static fn(Weekday $day): int => ($day->value + 1) % 7;
        $off = array_filter(Weekday::cases(), static fn(Weekday $day): bool => ! in_array($day, $calendar->workingDays, true));

        return new WorkCalendar(
            $sundayFirst($calendar->weekStartsOn),
            $calendar->yearStartsIn,
            array_map($sundayFirst, array_values($off)),
            $this->workspace->holidays,
        );
    }

    private function railAt(Person $viewer, Period $year): Rail
    {
        return $this->remembered->of(Question::by($viewer, 'rail', $year->name), fn(): Rail => $this->rail($viewer, $year));
    }

    private function rail(Person $viewer, Period $year): Rail
    {
        $calendar = $this->workspace->calendar();
        $threads = $this->plans->threads($viewer, $year);
        $words = PeriodWords::query()
            ->where('period', $year->name)
            ->orWhere('period', 'like', "$year->name-Q%")
            ->get();
        $said = static fn(string $period): ?string => $words->firstWhere('period', $period)?->words;

        return new Rail(
            PeriodTag::of($year, $calendar),
            $said($year->name),
            $this->mainGoal($threads, $year, $viewer),
            $this->quarters($threads, $year, $said),
            $this->weeks($viewer, $year),
        );
    }

    private function mainGoal(Threads $threads, Period $year, Person $viewer): ?GoalRow
    {
        $goal = $threads->mainOf($year->name);

        return $goal === null ? null : $this->goals->only([$goal->id], $year, $viewer, $this->workspace->today())[$goal->id] ?? null;
    }

    /**
     * @param callable(string): ?string $said what is said of a period
     *
     * @return list<RailQuarter>
     */
    private function quarters(Threads $threads, Period $year, callable $said): array
    {
        $calendar = $this->workspace->calendar();
        $quarters = [];

        for (
            $quarter = $calendar->periodOf(Horizon::Quarter, $year->span->first);
            $year->holds($quarter);
            $quarter = $calendar->next($quarter)
        ) {
            $quarters[] = new RailQuarter(
                $quarter->name,
                PeriodTag::words($quarter),
                $threads->mainOf($quarter->name)->title ?? $said($quarter->name),
                count($calendar->weeksIn($quarter->span)),
                $quarter->span->holds($this->workspace->today()),
            );
        }

        return $quarters;
    }

    /** @return list<RailWeek> */
    private function weeks(Person $viewer, Period $year): array
    {
        $weeks = $this->workspace->calendar()->weeksIn($year->span);
        $names = array_map(static fn(Period $week): string => $week->name, $weeks);
        $held = Review::query()
            ->where('person_id', $viewer->id)
            ->whereIn('period', $names)
            ->whereNotNull('held_at')
            ->pluck('period')
            ->flip();
        $shares = $this->workDone->sharesByWeek($weeks);
        $today = $this->workspace->today();
        $came = $this->firstDay->of($viewer);

        return array_map(
            static fn(Period $week): RailWeek => new RailWeek(
                name: $week->name,
                number: (int) substr($week->name, 6),
                first: $week->span->first,
                last: $week->span->last,
                share: $shares[$week->name] ?? null,
                isReviewed: $held->has($week->name),
                isPast: $week->isOverOn($today),
                isMissed: $week->isOverOn($today) && ! $held->has($week->name) && ! $week->span->last->isBefore($came),
            ),
            $weeks,
        );
    }
}
