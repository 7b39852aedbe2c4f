<?php

declare(strict_types=1);

namespace App\Actions\Week;

use App\Actions\People\SendMorningLetters;
use App\Models\Workspace;
use App\Store\Remembered;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/** What each day begins with: routines are moved on to it, the letters of the morning go out. Whatever comes first on a day does it. */
final readonly class BeginDay
{
    public function __construct(private Workspace $workspace)
    {
    }

    public function __invoke(): void
    {
        if (! $this->workspace->exists || $this->workspace->begun_on?->number === $this->workspace->today()->number || ! $this->isFirst()) {
            return;
        }

        Remembered::forget();
        app(AdvanceRoutines::class)();
        app(SendMorningLetters::class)();
    }

    /** Of several at once one is. Any other day than today will do: a clock that is set back does not confuse it. */
    private function isFirst(): bool
    {
        $today = (string) $this->workspace->today();

        return DB::table('workspaces')->where('id', $this->workspace->id)
            ->where(static fn(Builder $either) => $either->whereNull('begun_on')->orWhere('begun_on', '!=', $today))
            ->update(['begun_on' => $today]) === 1;
    }
}
