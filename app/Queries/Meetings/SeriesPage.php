<?php

declare(strict_types=1);

namespace App\Queries\Meetings;

use App\Models\Attendee;
use App\Models\Meeting;
use App\Models\Person;
use App\Models\Series;
use App\Models\Workspace;
use App\Queries\Goals\StoredPlans;
use App\Queries\Meetings\Answers\IssueRow;
use App\Queries\Meetings\Answers\Occurrence;
use App\Queries\Meetings\Answers\PlannedItem;
use App\Queries\Meetings\Answers\SeriesView;
use App\Queries\Parts\Answers\PersonTag;
use App\Queries\Parts\Answers\TaskRow;
use App\Queries\Parts\Choices;
use Illuminate\Support\Facades\Gate;
use Loftrin\Core\Meetings\Agenda;
use Loftrin\Core\Meetings\AgendaKind;
use Loftrin\Core\Meetings\RankedIssue;

/** A series with the agenda of its next meeting, worked out from what was raised so far. */
final readonly class SeriesPage
{
    /** How many minutes are listed at first: half a year of weekly ones. */
    private const LISTED = 26;

    public function __construct(
        private Workspace $workspace,
        private StoredPlans $plans,
        private AgendaInStore $agendas,
        private Roles $roles,
        private MeetingsPage $meetings,
        private Choices $choices,
    ) {
    }

    /** @param bool $all whether all its minutes are listed, not only the latest */
    public function of(Series $series, Person $viewer, bool $all = false): SeriesView
    {
        $series
            ->load(['attendees.person', 'standingItems.owner', 'meetings' => MeetingsPage::current($this->workspace)])
            ->loadCount(Series::COUNTS);
        $threads = $this->plans->threads($viewer);
        $issues = $this->agendas->openIssues($series);
        $followUps = $this->agendas->followUps($series);
        $fit = Agenda::of($this->agendas->timeForIssues($series, $followUps), $this->agendas->ranked($issues));
        $rows = static fn(array $ranked): array => array_values(
            array_map(static fn(RankedIssue $issue): IssueRow => IssueRow::of($issues->findOrFail((int) $issue->id), $threads), $ranked),
        );
        $people = $series->attendees->map(static fn(Attendee $attendee): Person => $attendee->person)->keyBy('id');
        [$chair, $taker] = $this->roles->next($series);

        return new SeriesView(
            series: $this->meetings->row($series),
            attendees: array_values($people->map(PersonTag::of(...))->all()),
            chair: $people->get($chair)?->name,
            minuteTaker: $people->get($taker)?->name,
            agenda: $this->agenda($series, count($followUps), $rows($fit->fits)),
            wontFit: $rows($fit->wontFit),
            ends: self::wall($series->time, $series->minutes),
            spare: $fit->spare,
            followUps: array_map(fn($task): TaskRow => TaskRow::of($task, $threads, $this->workspace), $followUps),
            held: array_values(
                $series
                    ->heldMeetings()
                    ->when(! $all, static fn($latest) => $latest->limit(self::LISTED))
                    ->get()
                    ->map(static fn(Meeting $meeting): Occurrence => Occurrences::held($series, $meeting))
                    ->all(),
            ),
            projects: $this->choices->projects(),
            mayChange: Gate::forUser($viewer)->allows('update', $series),
        );
    }

    /**
     * @param list<IssueRow> $issues
     *
     * @return list<PlannedItem>
     */
    private function agenda(Series $series, int $followUps, array $issues): array
    {
        $items = [];
        $minute = 0;
        $add = static function (AgendaKind $kind, string $title, int $minutes, ?string $who = null, ?IssueRow $issue = null) use (
            $series,
            &$items,
            &$minute,
        ): void {
            $items[] = new PlannedItem(
                kind: $kind,
                title: $title,
                minutes: $minutes,
                at: self::wall($series->time, $minute),
                who: $who,
                issue: $issue,
            );
            $minute += $minutes;
        };

        foreach ($series->standingItems as $item) {
            $add(AgendaKind::Standing, $item->title, $item->minutes, $item->owner?->name);
        }

        if ($followUps > 0) {
            $add(AgendaKind::FollowUps, "Follow-ups, $followUps to ask about", $followUps * Agenda::FOLLOW_UP_MINUTES);
        }

        foreach ($issues as $issue) {
            $add(AgendaKind::Issue, $issue->title, $issue->minutes, $issue->raisedBy->name, $issue);
        }

        $minute = max($minute, $series->minutes - Agenda::CLOSING_MINUTES);
        $add(AgendaKind::Closing, 'Closing', Agenda::CLOSING_MINUTES);

        return $items;
    }

    /** The wall clock so many minutes after a time. */
    public static function wall(string $time, int $minutes): string
    {
        $at = ((int) substr($time, 0, 2) * 60 + (int) substr($time, 3, 2) + $minutes) % 1440;

        return sprintf('%02d:%02d', intdiv($at, 60), $at % 60);
    }
}
