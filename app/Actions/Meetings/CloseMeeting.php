<?php

declare(strict_types=1);

namespace App\Actions\Meetings;

use App\Models\AgendaItem;
use App\Models\Meeting;
use App\Models\Person;
use App\Store\ChangeLog;
use App\Store\RefusedChange;
use Illuminate\Support\Carbon;
use Loftrin\Core\Meetings\AgendaKind;
use Loftrin\Core\Meetings\Outcome;

/** Closes a meeting and seals its minutes. Issues without an outcome come back to the next one, one meeting older. */
final readonly class CloseMeeting
{
    public function __construct(private ChangeLog $log)
    {
    }

    /** @throws RefusedChange when it is closed already */
    public function __invoke(Person $who, Meeting $meeting, ?string $summary): void
    {
        RunMeeting::refuseSealed($meeting);

        $this->log->change($who, "Closed “{$meeting->series->title}”", static function () use ($meeting, $summary): void {
            $now = Carbon::now();

            foreach ($meeting->items()->with('issue')->get() as $item) {
                if ($item->begun_at !== null && $item->ended_at === null) {
                    $item->ended_at = $now;
                }

                self::defer($item);
                $item->save();
            }

            $meeting->update(['closed_at' => $now, 'summary' => $summary]);
        });
    }

    private static function defer(AgendaItem $item): void
    {
        if ($item->kind !== AgendaKind::Issue || $item->issue === null || ($item->outcome !== null && $item->outcome->settles())) {
            return;
        }

        $item->outcome = Outcome::NextTime;
        $item->issue->update(['waited' => $item->issue->waited + 1]);
    }
}
