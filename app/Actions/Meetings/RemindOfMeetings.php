<?php

declare(strict_types=1);

namespace App\Actions\Meetings;

use App\Exchange\Mailbox;
use App\Models\Attendee;
use App\Models\Delivery;
use App\Models\NotificationChoice;
use App\Models\NotificationEvent;
use App\Models\Person;
use App\Models\Series;
use App\Models\Workspace;
use App\Queries\Meetings\Answers\AgendaView;
use App\Queries\Meetings\Answers\IssueRow;
use App\Queries\Meetings\Answers\PlannedItem;
use App\Queries\Meetings\ComingAgenda;
use App\Queries\Meetings\MeetingDays;
use App\Queries\Meetings\PlannedMeeting;
use App\Queries\Plan\StoredPlans;
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
                ->with([
                    ...Series::DAYS,
                    'attendees.person',
                    'standingItems.owner',
                    'standingItems.goal',
                    'standingItems.project',
                    'meetings' => MeetingDays::current($this->workspace),
                ])
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
        $wants = $series->attendees
            ->map(static fn(Attendee $attendee): Person => $attendee->person)
            ->filter(
                static fn(Person $person): bool => $person->deactivated_on === null &&
                    in_array(
                        NotificationChoice::among($choices, $person->id, NotificationEvent::Meeting),
                        [Delivery::Mail, Delivery::Morning],
                        true,
                    ),
            );
        $first = $wants->first();

        if ($first === null) {
            return;
        }

        // What differs by reader, the threads of goals, is not written in it.
        $text = self::text($this->agendas->of($series, $this->plans->threads($first)));

        foreach ($wants as $person) {
            $this->mailbox->send($person, "Tomorrow $planned->time: $series->title", $text);
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
