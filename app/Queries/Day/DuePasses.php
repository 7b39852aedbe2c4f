<?php

declare(strict_types=1);

namespace App\Queries\Day;

use App\Models\EveningAnswer;
use App\Models\Meeting;
use App\Models\Person;
use App\Models\Review;
use App\Models\Workspace;
use App\Queries\Capture\Pending;
use App\Queries\Day\Answers\DuePass;
use App\Queries\Meetings\Answers\Occurrence;
use App\Queries\Meetings\Occurrences;
use App\Queries\Meetings\OpenMeetings;
use App\Queries\Parts\Answers\PeriodTag;
use App\Queries\Parts\Answers\TaskRow;
use App\Queries\Reviews\FirstDay;
use Illuminate\Support\Str;
use Loftrin\Core\Calendar\Period;
use Loftrin\Core\Calendar\Span;

/** Knows which pass is due for a person now. */
final readonly class DuePasses
{
    /** How far ahead the next meeting is looked for, in days. */
    public const AHEAD = 14;

    public function __construct(
        private Workspace $workspace,
        private Occurrences $occurrences,
        private OpenMeetings $open,
        private QuarterPasses $quarters,
        private Pending $pending,
        private FirstDay $firstDay,
        private Away $away,
        private ReviewPasses $reviews,
        private EstimatePass $estimates,
        private FirstSteps $first,
    ) {
    }

    /** @return list<DuePass> those due first */
    public function of(Person $viewer, PresentWeek $week, bool $isEvening): array
    {
        $passes = array_values(
            array_filter([
                $this->first->next($viewer),
                $this->catchUp($viewer),
                $this->meeting($viewer),
                ...$this->leftOpen($viewer),
                $this->tray($viewer),
                $this->plan($week),
                $this->review($viewer, $week->period),
                $this->evening($viewer, $isEvening),
                ...$this->quarters->of($viewer),
                ...$this->reviews->of($viewer),
                $this->estimates->of($viewer),
            ]),
        );
        usort($passes, static fn(DuePass $a, DuePass $b): int => [$b->isNow, $b->isDue] <=> [$a->isNow, $a->isDue]);

        return $passes;
    }

    /** For who was away: one pass in place of a wall of what is late. */
    private function catchUp(Person $viewer): ?DuePass
    {
        $away = $this->away->of($viewer);

        return $away === null
            ? null
            : new DuePass(
                'catch-up',
                'Catch up',
                "Away {$away->first->words($this->workspace->today())} to {$away->last->words($this->workspace->today())}",
                route('catch-up', absolute: false),
                true,
            );
    }

    private function tray(Person $viewer): DuePass
    {
        $count = $this->pending->jots($viewer);

        return new DuePass(
            'tray',
            'Sort the tray',
            match ($count) {
                0 => 'Nothing to sort',
                default => self::count($count, 'item'),
            },
            route('tray', absolute: false),
            $count > 0,
        );
    }

    private function plan(PresentWeek $week): DuePass
    {
        $planned = count($week->plan->tasks);
        $asking = count(array_filter($week->plan->carriedOver(), static fn(TaskRow $task): bool => $task->asks));

        return new DuePass(
            'plan',
            'Plan '.lcfirst(PeriodTag::words($week->period)),
            match (true) {
                $week->goals === [] => 'No goals yet',
                $week->words === null => 'Nothing said about it yet',
                $asking > 0 => self::count($planned, 'task').", $asking carried over 3 times or more",
                default => self::count(count($week->goals), 'goal').', '.self::count($planned, 'task'),
            },
            route('week.show', $week->period->name, false),
            $week->words === null || $week->goals === [] || $planned === 0,
        );
    }

    private static function count(int $number, string $of): string
    {
        return "$number ".Str::plural($of, $number);
    }

    private function meeting(Person $viewer): ?DuePass
    {
        $today = $this->workspace->today();
        $coming = array_values(
            array_filter(
                $this->occurrences->within(new Span($today, $today->plus(self::AHEAD)), $viewer),
                fn(Occurrence $meeting): bool => $meeting->state !== 'closed' && ! $meeting->isMissed($this->workspace->now()),
            ),
        );
        $next = self::running($coming) ?? ($coming[0] ?? null);

        if ($next === null) {
            return null;
        }

        $when = $next->on->number === $today->number ? 'today' : $next->on->words($today, 'D j M');

        return new DuePass(
            'meeting',
            $next->title,
            $next->state === 'running' ? 'in progress' : "$when at $next->time, $next->minutes min",
            $next->link,
            $next->on->number === $today->number,
            $next->state === 'running',
        );
    }

    /** @param list<Occurrence> $meetings */
    private static function running(array $meetings): ?Occurrence
    {
        return array_values(array_filter($meetings, static fn(Occurrence $meeting): bool => $meeting->state === 'running'))[0] ?? null;
    }

    /** @return list<DuePass> meetings of earlier days that nobody closed, for who chairs them or opened them without a chair */
    private function leftOpen(Person $viewer): array
    {
        $isAsked = static fn(Meeting $meeting): bool => in_array($meeting->chair_id, [null, $viewer->id], true);

        return array_values(
            $this->open
                ->left($viewer)
                ->get()
                ->filter($isAsked)
                ->map(
                    fn(Meeting $meeting): DuePass => new DuePass(
                        "open-meeting-$meeting->id",
                        "Close {$meeting->series->title}",
                        "open since {$meeting->on->words($this->workspace->today(), 'D j M')}",
                        route('meetings.show', $meeting, false),
                        true,
                    ),
                )
                ->all(),
        );
    }

    /** The evening's questions, once the day is far enough gone. */
    private function evening(Person $viewer, bool $isTime): DuePass
    {
        $today = $this->workspace->today();
        $isAnswered = EveningAnswer::query()->where('person_id', $viewer->id)->where('on', (string) $today)->exists();

        return new DuePass(
            'evening',
            'Wrap up the day',
            $isAnswered ? 'Answered' : ($isTime ? '2 min' : 'From '.Evening::FROM.', 2 min'),
            route('day', absolute: false).'#evening',
            $isTime && ! $isAnswered,
        );
    }

    /** Last week's review until it is held; this week's from its last working day on. */
    private function review(Person $viewer, Period $week): DuePass
    {
        $calendar = $this->workspace->calendar();
        $today = $this->workspace->today();
        $last = $calendar->previous($week);
        $held = Review::query()
            ->where('person_id', $viewer->id)
            ->whereIn('period', [$last->name, $week->name])
            ->whereNotNull('held_at')
            ->pluck('period')
            ->all();
        $daysLeft = $today->number === $week->span->last->number ? 0 : $calendar->workingDays(new Span($today->plus(1), $week->span->last));
        $of = in_array($last->name, $held, true) || ! $this->firstDay->isBy($last->span->last, $viewer) ? $week : $last;
        $isHeld = in_array($of->name, $held, true);

        return new DuePass(
            'review',
            'Review week '.(int) substr($of->name, 6),
            match (true) {
                $isHeld => 'Held',
                $of === $last => 'Not reviewed yet',
                default => 'Due when the week ends',
            },
            route('reviews.show', $of->name, false),
            ! $isHeld && ($of === $last || $daysLeft === 0),
        );
    }
}
