<?php

declare(strict_types=1);

namespace App\Actions\Meetings;

use App\Models\FinalMinutes;
use App\Models\Meeting;
use App\Queries\Meetings\MinutesOf;

/** Writes down the minutes of closed meetings, to the letter. What is written once stays. */
final readonly class KeepMinutes
{
    public function __construct(private MinutesOf $minutes)
    {
    }

    public function __invoke(Meeting $meeting): void
    {
        if ($meeting->finalMinutes()->exists()) {
            return;
        }

        $text = $this->minutes->now($meeting)->written();
        // The change is that the meeting was closed: what it said needs no second copy in the log.
        FinalMinutes::withoutEvents(
            static fn(): FinalMinutes => FinalMinutes::query()->create([
                'meeting_id' => $meeting->id,
                'text' => $text,
                'checksum' => FinalMinutes::sumOf($text),
            ]),
        );
    }

    /** Those of meetings that were closed before minutes were kept. */
    public function ofAll(): void
    {
        $missing = Meeting::query()->whereNotNull('closed_at')->whereDoesntHave('finalMinutes')->orderBy('id');

        foreach ($missing->get() as $meeting) {
            $this($meeting);
        }
    }
}
