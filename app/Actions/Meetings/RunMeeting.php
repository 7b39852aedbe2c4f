<?php

declare(strict_types=1);

namespace App\Actions\Meetings;

use App\Models\AgendaItem;
use App\Models\Attendance;
use App\Models\Meeting;
use App\Models\Person;
use App\Store\ChangeLog;
use App\Store\RefusedChange;
use Illuminate\Support\Carbon;

/** What is done while a meeting runs: turn to an item, write, say who is there. */
final readonly class RunMeeting
{
    public function __construct(private ChangeLog $log)
    {
    }

    /**
     * Turns the room to an item and ends the one before. Turning back to an item goes on with it.
     *
     * @throws RefusedChange when the minutes are sealed
     */
    public function turnTo(Person $who, AgendaItem $item): void
    {
        self::refuseSealed($item->meeting);

        $this->log->change(
            $who,
            "Started “{$item->title}”",
            static function () use ($item): void {
                $now = Carbon::now();
                $running = $item->meeting->items()->whereNotNull('begun_at')->whereNull('ended_at')->whereKeyNot($item->id)->get();

                foreach ($running as $other) {
                    $other->update(['ended_at' => $now]);
                }

                $spent = $item->begun_at !== null && $item->ended_at !== null ? (int) $item->begun_at->diffInSeconds($item->ended_at) : 0;
                $item->update(['begun_at' => $now->copy()->subSeconds($spent), 'ended_at' => null]);
            },
            isStep: false,
        );
    }

    /** @throws RefusedChange when the minutes are sealed */
    public function write(Person $who, AgendaItem $item, ?string $notes): void
    {
        self::refuseSealed($item->meeting);

        $this->log->change($who, "Wrote notes on “{$item->title}”", static fn() => $item->update(['notes' => $notes]), isStep: false);
    }

    public function attend(Person $who, Attendance $attendance, bool $wasThere): void
    {
        $this->log->change($who, 'Changed who is present', static fn() => $attendance->update(['was_there' => $wasThere]));
    }

    /** @throws RefusedChange when the meeting is closed */
    public static function refuseSealed(Meeting $meeting): void
    {
        if ($meeting->closed_at !== null) {
            throw new RefusedChange('meeting', 'These minutes are final.');
        }
    }
}
