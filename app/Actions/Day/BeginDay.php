<?php

declare(strict_types=1);

namespace App\Actions\Day;

use App\Actions\Meetings\BringBackIssues;
use App\Actions\Meetings\KeepMinutes;
use App\Actions\Meetings\RemindOfMeetings;
use App\Actions\People\SendMorningLetters;
use App\Actions\Week\AdvanceRecurringTasks;
use App\Actions\Week\KeepWeeks;
use App\Models\Workspace;
use App\Store\Remembered;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/**
 * What each day begins with: past weeks are kept as they were, recurring tasks are moved on to it, issues come back from
 * the shelf, the letters of the morning go out. Whatever comes first on a day does it, all of it or nothing: what failed is tried again.
 */
final readonly class BeginDay
{
    /** For so many days an answer is kept for those who ask the same again: longer than a browser keeps what it has to ask. */
    private const ANSWERS_KEPT = 32;

    public function __construct(private Workspace $workspace)
    {
    }

    public function __invoke(): void
    {
        if (! $this->workspace->exists || $this->isBegun()) {
            return;
        }

        DB::transaction(function (): void {
            // Whoever waited for the turn finds the day begun.
            $this->workspace->refresh();

            if ($this->isBegun()) {
                return;
            }

            $last = $this->workspace->begun_on;
            $this->workspace->update(['begun_on' => $this->workspace->today()]);
            // Before anything is moved on: what stood in the weeks until now.
            app(KeepWeeks::class)($last);
            app(AdvanceRecurringTasks::class)();
            app(BringBackIssues::class)();
            app(KeepMinutes::class)->ofAll();
            app(RemindOfMeetings::class)();
            app(SendMorningLetters::class)();
            DB::table('answered_requests')
                ->where('answered_at', '<', Carbon::now()->subDays(self::ANSWERS_KEPT))
                ->delete();
        });

        Remembered::forget();
    }

    private function isBegun(): bool
    {
        return $this->workspace->begun_on?->number === $this->workspace->today()->number;
    }
}
