<?php

declare(strict_types=1);

namespace App\Actions\Meetings;

use App\Models\MeetingException;
use App\Models\Person;
use App\Models\Series;
use App\Models\Workspace;
use App\Queries\Meetings\MeetingDays;
use App\Queries\Meetings\PlannedMeeting;
use App\Store\ChangeLog;
use App\Store\RefusedChange;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Calendar\Span;

/** Moves or cancels one meeting of a series. The others stay as the rule has them. */
final readonly class ChangeOccasion
{
    public function __construct(private ChangeLog $log, private Workspace $workspace)
    {
    }

    /**
     * @param Day $on the day that the rule has for it
     * @param ?Day $to null to cancel it
     * @param ?string $time HH:MM, if it is another one
     *
     * @throws RefusedChange when there is no such meeting, it was held, or another is on that day
     */
    public function __invoke(Person $who, Series $series, Day $on, ?Day $to, ?string $time = null, ?string $reason = null): void
    {
        $this->refuse($series, $on, $to);
        $usual = $series->timetable()->at($on)?->time;
        $words = $to === null ? "Cancelled “{$series->title}” on $on" : "Moved “{$series->title}” from $on to $to";

        $this->log->change($who, $words, static function () use ($series, $on, $to, $time, $reason, $usual): void {
            MeetingException::query()
                ->firstOrNew(['series_id' => $series->id, 'on' => (string) $on])
                ->fill(['moved_to' => $to, 'time' => $time === $usual ? null : $time, 'reason' => $reason])
                ->save();
        });
    }

    /** Takes it back to the day and time of the rule. */
    public function restore(Person $who, Series $series, Day $on): void
    {
        $exception = $series->exceptions()->where('on', (string) $on)->first();

        if ($exception === null) {
            throw new RefusedChange('on', 'This meeting is as its rule has it.');
        }

        $this->log->change($who, "Restored “{$series->title}” on $on", static fn() => $exception->delete());
    }

    private function refuse(Series $series, Day $on, ?Day $to): void
    {
        $taken = $to === null ? [] : [...MeetingDays::each($series, new Span($to, $to))];
        $others = array_filter($taken, static fn(PlannedMeeting $planned): bool => $planned->by->number !== $on->number);

        match (true) {
            $series->timetable()->at($on) === null => throw new RefusedChange('on', 'There is no meeting on this day.'),
            $series->meetings()->where('on', (string) $on)->exists() => throw new RefusedChange(
                'on',
                'This meeting has already been held.',
            ),
            $to !== null && ($others !== [] || $series->meetings()->where('on', (string) $to)->exists()) => throw new RefusedChange(
                'movedTo',
                'Another meeting of this kind is on that day.',
            ),
            $to !== null && $to->isBefore($this->workspace->today()) => throw new RefusedChange('movedTo', 'This day has passed.'),
            $to !== null && abs($to->number - $on->number) > MeetingDays::FARTHEST => throw new RefusedChange(
                'movedTo',
                'A meeting can be moved by two months at most.',
            ),
            default => null,
        };
    }
}
