<?php

declare(strict_types=1);

namespace App\Actions\Meetings;

use App\Models\AgendaItem;
use App\Models\Attendance;
use App\Models\Issue;
use App\Models\Meeting;
use App\Models\Person;
use App\Models\Series;
use App\Models\StandingItem;
use App\Models\Workspace;
use App\Queries\Meetings\AgendaInStore;
use App\Queries\Meetings\MeetingDays;
use App\Queries\Meetings\PlannedMeeting;
use App\Queries\Meetings\Roles;
use App\Store\ChangeLog;
use App\Store\RefusedChange;
use Illuminate\Support\Carbon;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Calendar\Span;
use Loftrin\Core\Meetings\Agenda;
use Loftrin\Core\Meetings\AgendaKind;
use Loftrin\Core\Meetings\RankedIssue;

/** Opens the next meeting of a series with the agenda that was worked out for it. */
final readonly class OpenMeeting
{
    public function __construct(
        private ChangeLog $log,
        private AgendaInStore $agendas,
        private Roles $roles,
        private Workspace $workspace,
    ) {
    }

    /**
     * @param bool $early whether it is opened before its day on purpose
     *
     * @throws RefusedChange when another meeting of the series is still open, this one was held, or its day has not come
     */
    public function __invoke(Person $who, Series $series, Day $on, bool $early = false): Meeting
    {
        match (true) {
            $series->meetings()->whereNull('closed_at')->exists() => throw new RefusedChange(
                'meeting',
                'Another event of this meeting is still open. Close it first.',
            ),
            $series->meetings()->where('on', (string) $on)->exists() => throw new RefusedChange(
                'meeting',
                'This meeting has already been held.',
            ),
            ! $early && $on->isAfter($this->workspace->today()) => throw new RefusedChange(
                'early',
                'This meeting is not today. Open it early if it takes place now.',
            ),
            default => null,
        };
        $planned = $this->plannedFor($series, $on);

        return $this->log->change($who, "Opened “{$series->title}”", function () use ($series, $on, $planned): Meeting {
            [$chair, $taker] = $this->roles->next($series, $on);
            $meeting = Meeting::query()->create([
                'series_id' => $series->id,
                'on' => $on,
                'time' => $planned->time ?? $series->time,
                'minutes' => $planned->minutes ?? $series->minutes,
                'chair_id' => $chair,
                'minute_taker_id' => $taker,
                'opened_at' => Carbon::now(),
            ]);

            foreach ($series->attendees()->get() as $attendee) {
                Attendance::query()->create(['meeting_id' => $meeting->id, 'person_id' => $attendee->person_id, 'was_there' => true]);
            }

            foreach ($series->guests()->with('contact')->get() as $guest) {
                Attendance::query()->create(['meeting_id' => $meeting->id, 'guest' => $guest->contact->name, 'was_there' => true]);
            }

            $this->fill($series, $meeting);

            return $meeting;
        });
    }

    private function plannedFor(Series $series, Day $on): ?PlannedMeeting
    {
        foreach (MeetingDays::each($series, new Span($on, $on)) as $planned) {
            return $planned;
        }

        return null;
    }

    private function fill(Series $series, Meeting $meeting): void
    {
        $position = 0;
        $add = static function (array $columns) use ($meeting, &$position): void {
            AgendaItem::query()->create(['meeting_id' => $meeting->id, 'position' => $position++, ...$columns]);
        };
        $items = $this->items($series, $meeting->on);

        foreach ($series->order() as $kind) {
            foreach ($items[$kind->value] as $columns) {
                $add(['kind' => $kind, ...$columns]);
            }
        }
    }

    /** @return array<string, list<array<string, mixed>>> columns, by kind */
    private function items(Series $series, Day $on): array
    {
        $followUps = $this->agendas->followUps($series)->count();
        $issues = $this->agendas->openIssues($series, $on);

        return [
            AgendaKind::Opening->value =>
                $series->opening_minutes === 0 ? [] : [['title' => 'Opening round', 'minutes' => $series->opening_minutes]],
            AgendaKind::Issue->value => array_map(
                fn(RankedIssue $ranked): array => $this->ofIssue($issues->findOrFail((int) $ranked->id), $ranked),
                Agenda::rank($this->agendas->ranked($issues)),
            ),
            AgendaKind::FollowUps->value =>
                $followUps === 0 ? [] : [['title' => 'Follow-ups', 'minutes' => $followUps * Agenda::FOLLOW_UP_MINUTES]],
            AgendaKind::Standing->value => array_values(
                $series
                    ->standingItems()
                    ->get()
                    ->map(
                        static fn(StandingItem $item): array => [
                            'title' => $item->title,
                            'minutes' => $item->minutes,
                            'owner_id' => $item->owner_id,
                            'goal_id' => $item->goal_id,
                            'project_id' => $item->project_id,
                            'shows' => $item->shows,
                        ],
                    )
                    ->all(),
            ),
            AgendaKind::Closing->value => [['title' => 'Closing', 'minutes' => $series->closing_minutes]],
        ];
    }

    /** @return array<string, mixed> */
    private function ofIssue(Issue $issue, RankedIssue $ranked): array
    {
        return [
            'title' => $issue->title,
            'minutes' => $ranked->minutes,
            'owner_id' => $issue->raised_by,
            'goal_id' => $issue->goal_id,
            'issue_id' => $issue->id,
        ];
    }
}
