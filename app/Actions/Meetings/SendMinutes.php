<?php

declare(strict_types=1);

namespace App\Actions\Meetings;

use App\Exchange\Mailbox;
use App\Exchange\MinutesMarkdown;
use App\Models\Attendance;
use App\Models\Meeting;
use App\Models\Person;
use App\Models\Sending;
use App\Queries\Meetings\MinutesOf;
use App\Store\RefusedChange;
use App\Store\Stamp;
use Illuminate\Support\Carbon;

/** Sends final minutes to those who were there and those who missed it. What is sent cannot be taken back: it is no step. */
final readonly class SendMinutes
{
    public function __construct(private Mailbox $mailbox, private MinutesOf $minutes, private Stamp $stamp)
    {
    }

    /**
     * Sends to whoever does not have them yet.
     *
     * @return int how many got them
     *
     * @throws RefusedChange while the meeting runs, or when everybody has them
     */
    public function __invoke(Meeting $meeting): int
    {
        if ($meeting->closed_at === null) {
            throw new RefusedChange('meeting', 'The minutes can be sent when the meeting is closed.');
        }

        $sent = Sending::query()->where('meeting_id', $meeting->id)->pluck('person_id')->all();
        $people = $meeting
            ->attendances()
            ->whereNotNull('person_id')
            ->whereNotIn('person_id', $sent)
            ->with('person')
            ->get()
            ->map(static fn(Attendance $attendance): ?Person => $attendance->person)
            ->filter()
            ->filter(static fn(Person $person): bool => $person->deactivated_on === null);

        if ($people->isEmpty()) {
            throw new RefusedChange('meeting', 'Everybody has these minutes already.');
        }

        $minutes = $this->minutes->closed($meeting);
        $text = MinutesMarkdown::of($minutes);

        foreach ($people as $person) {
            $this->mailbox->send($person, "Minutes: $minutes->title, $minutes->on", $text);
            Sending::withoutEvents(
                static fn(): Sending => Sending::query()->create([
                    'meeting_id' => $meeting->id,
                    'person_id' => $person->id,
                    'sent_at' => Carbon::now(),
                ]),
            );
        }

        $this->stamp->renew(past: false);

        return $people->count();
    }
}
