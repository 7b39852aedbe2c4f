<?php

declare(strict_types=1);

namespace App\Actions\Meetings;

use App\Models\AgendaItem;
use App\Models\Meeting;
use App\Models\Person;
use App\Queries\Meetings\WhoIsHere;
use App\Store\ChangeLog;
use App\Store\RefusedChange;
use Illuminate\Support\Carbon;
use Loftrin\Core\Meetings\AgendaKind;
use Loftrin\Core\Meetings\Outcome;

/**
 * Closes a meeting: its minutes are written, to the letter, and are final. Issues without an outcome come back to the next
 * one, one meeting older. It waits for lines that are still on their way, unless it is told not to.
 */
final readonly class CloseMeeting
{
    public function __construct(private ChangeLog $log, private KeepMinutes $keep, private WhoIsHere $here)
    {
    }

    /** Tells all pages of the meeting that it is about to be closed, or is not after all: they send what they hold. */
    public function announce(Person $who, Meeting $meeting, bool $isClosing): void
    {
        RunMeeting::refuseFinal($meeting);

        $this->log->change(
            $who,
            $isClosing ? "Began to close “{$meeting->series->title}”" : "Went on with “{$meeting->series->title}”",
            static fn() => $meeting->update(['closing_at' => $isClosing ? Carbon::now() : null]),
            isStep: false,
        );
    }

    /** @throws RefusedChange when it is closed already, or lines are still on their way and are to be waited for */
    public function __invoke(Person $who, Meeting $meeting, ?string $summary, bool $waits = true): void
    {
        RunMeeting::refuseFinal($meeting);
        $writing = $waits ? $this->here->withUnsent($meeting, $who) : [];

        if ($writing !== []) {
            throw new RefusedChange('waits', 'Lines are still on their way from '.implode(', ', $writing).'.');
        }

        $this->log->change($who, "Closed “{$meeting->series->title}”", function () use ($meeting, $summary): void {
            $now = Carbon::now();

            foreach ($meeting->items()->with('issue')->get() as $item) {
                if ($item->begun_at !== null && $item->ended_at === null) {
                    $item->ended_at = $now;
                }

                self::defer($item);
                $item->save();
            }

            $meeting->update(['closed_at' => $now, 'closing_at' => null, 'paused_at' => null, 'summary' => $summary]);
            ($this->keep)($meeting);
        }, isFinal: true);
    }

    private static function defer(AgendaItem $item): void
    {
        $isOpen = in_array($item->outcome, [null, Outcome::NextTime], true);

        if ($item->kind !== AgendaKind::Issue || $item->issue === null || ! $isOpen) {
            return;
        }

        $item->outcome = Outcome::NextTime;
        $item->issue->update(['waited' => $item->issue->waited + 1, 'place' => null]);
    }
}
