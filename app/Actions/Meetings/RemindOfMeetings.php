<?php

declare(strict_types=1);

namespace App\Actions\Meetings;

use App\Exchange\Mailbox;
use App\Models\Delivery;
use App\Models\NotificationChoice;
use App\Models\NotificationEvent;
use App\Models\Series;
use App\Models\Workspace;
use App\Queries\Goals\StoredPlans;
use App\Queries\Meetings\Answers\AgendaView;
use App\Queries\Meetings\Answers\IssueRow;
use App\Queries\Meetings\Answers\PlannedItem;
use App\Queries\Meetings\ComingAgenda;
use App\Queries\Meetings\MeetingDays;
use App\Queries\Meetings\PlannedMeeting;
use Illuminate\Database\Eloquent\Collection;
use Loftrin\Core\Calendar\Span;

/** The day before a meeting its attendees are sent the agenda, with what will not fit, unless they want no letter. */
final readonly class RemindOfMeetings
{
    public function __construct(
        private Workspace $workspace,
        private ComingAgenda $agendas,
        private StoredPlans $plans,
        private Mailbox $mailbox,
    ) {
    }

    public function __invoke(): void
    {
        $tomorrow = $this->workspace->today()->plus(1);
        $choices = NotificationChoice::query()->where('event', NotificationEvent::Meeting)->get();

        foreach (
            Series::query()
                ->with(['attendees.person', 'exceptions', 'standingItems.owner', 'meetings' => MeetingDays::current($this->workspace)])
                ->orderBy('id')
                ->get() as $series
        ) {
            foreach (MeetingDays::each($series, new Span($tomorrow, $tomorrow)) as $planned) {
                $this->remind($series, $planned, $choices);
            }
        }
    }

    /** @param Collection<int, NotificationChoice> $choices */
    private function remind(Series $series, PlannedMeeting $planned, Collection $choices): void
    {
        foreach ($series->attendees as $attendee) {
            $person = $attendee->person;
            $delivery = NotificationChoice::among($choices, $person->id, NotificationEvent::Meeting);

            if ($person->deactivated_on !== null || ! in_array($delivery, [Delivery::Mail, Delivery::Morning], true)) {
                continue;
            }

            // What the thread of a goal shows differs by reader.
            $agenda = $this->agendas->of($series, $this->plans->threads($person));
            $this->mailbox->send($person, "Tomorrow $planned->time: $series->title", self::text($agenda));
        }
    }

    private static function text(AgendaView $agenda): string
    {
        return implode("\n", [
            ...array_map(
                static fn(PlannedItem $item): string => "$item->at  $item->title, $item->minutes min".
                    ($item->who === null ? '' : ", $item->who"),
                $agenda->items,
            ),
            ...$agenda->wontFit === [] ? [] : ['', 'Will not fit:'],
            ...array_map(static fn(IssueRow $issue): string => "$issue->title, $issue->minutes min", $agenda->wontFit),
        ]);
    }
}
