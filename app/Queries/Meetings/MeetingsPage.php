<?php

declare(strict_types=1);

namespace App\Queries\Meetings;

use App\Models\Meeting;
use App\Models\Person;
use App\Models\Series;
use App\Models\Workspace;
use App\Queries\Meetings\Answers\AgendaView;
use App\Queries\Meetings\Answers\Meetings;
use App\Queries\Meetings\Answers\Occurrence;
use App\Queries\Meetings\Answers\SeriesRow;
use App\Queries\Plan\StoredPlans;
use App\Store\Question;
use App\Store\Remembered;
use Carbon\CarbonInterface;
use Loftrin\Core\Calendar\Span;

/** The meetings there are: what comes, the series, what was held. */
final readonly class MeetingsPage
{
    /** How many past meetings are listed; the others are on the page of their recurring meeting. */
    private const HELD = 8;

    public function __construct(
        private Workspace $workspace,
        private Occurrences $occurrences,
        private StoredPlans $plans,
        private ComingAgenda $agenda,
        private Remembered $remembered,
        private OpenMeetings $open,
    ) {
    }

    public function of(Person $viewer): Meetings
    {
        // What has passed unheld is no longer next: so is said within five minutes.
        return $this->remembered->of(
            Question::by($viewer, 'meetings', $this->workspace->aboutNow()),
            fn(): Meetings => $this->workOut($viewer, $this->workspace->now()),
        );
    }

    private function workOut(Person $viewer, CarbonInterface $now): Meetings
    {
        $today = $this->workspace->today();
        $series = Series::query()
            ->visibleTo($viewer)
            ->with([...Series::DAYS, 'meetings' => MeetingDays::current($this->workspace)])
            ->withCount(Series::COUNTS)
            ->orderBy('id')
            ->get();
        $held = Meeting::query()
            ->whereIn('series_id', $series->modelKeys())
            ->whereNotNull('closed_at')
            ->with('series')
            ->orderByDesc('on')
            ->limit(self::HELD)
            ->get();

        $coming = array_values(
            array_filter(
                $this->occurrences->within(new Span($today, $today->plus(13)), $viewer),
                static fn(Occurrence $meeting): bool => $meeting->state !== 'closed' && ! $meeting->isMissed($now),
            ),
        );
        $isRunning = static fn(Occurrence $meeting): bool => $meeting->state === 'running';
        $running = array_values(array_filter($coming, $isRunning));
        $coming = array_values(array_filter($coming, static fn(Occurrence $meeting): bool => ! $isRunning($meeting)));
        $next = $coming[0] ?? null;

        return new Meetings(
            array_values($series->map($this->row(...))->all()),
            [
                ...$running,
                ...array_values(
                    $this->open
                        ->left($viewer)
                        ->get()
                        ->map(static fn(Meeting $meeting): Occurrence => Occurrences::held($meeting->series, $meeting))
                        ->all(),
                ),
            ],
            $next,
            $next === null ? null : $this->agendaOf($next, $viewer),
            array_slice($coming, 1),
            array_values($held->map(static fn(Meeting $meeting): Occurrence => Occurrences::held($meeting->series, $meeting))->all()),
        );
    }

    private function agendaOf(Occurrence $next, Person $viewer): ?AgendaView
    {
        $series = Series::query()
            ->with(['standingItems.owner', 'standingItems.goal', 'standingItems.project'])
            ->find($next->seriesId);

        return $series === null ? null : $this->agenda->of($series, $this->plans->threads($viewer));
    }

    /** Its counts are loaded, and its meetings: at least those that run and those of today and later. */
    public function row(Series $series): SeriesRow
    {
        $running = $series->meetings->firstWhere('closed_at', null);
        $holds = $series->timetable()->ruleOn($this->workspace->today());

        return new SeriesRow(
            id: $series->id,
            title: $series->title,
            purpose: $series->purpose,
            rule: RuleWords::of($holds->rule),
            time: $holds->time,
            zone: $series->timezone,
            minutes: $holds->minutes,
            isPrivate: $series->is_private,
            next: Occurrences::next($series, $this->workspace->today()),
            running: $running?->id,
            openIssues: $series->open_issues_count,
            held: $series->held_meetings_count,
        );
    }
}
