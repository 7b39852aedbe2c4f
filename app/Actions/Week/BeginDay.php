<?php

declare(strict_types=1);

namespace App\Actions\Week;

use App\Actions\People\SendMorningLetters;
use App\Models\Workspace;
use App\Queries\Parts\Remembered;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;

/** What each day begins with: routines are moved on to it, the letters of the morning go out. Whatever comes first on a day does it. */
final readonly class BeginDay
{
    /** A marker outlives its day, and is not needed long after it. */
    private const SECONDS = 172_800;

    public function __construct(private Workspace $workspace)
    {
    }

    public function __invoke(): void
    {
        // Only one of several at once does it, and the day stands in the key: a clock that is set does not confuse it.
        if (Cache::add("begun {$this->workspace->today()} in ".DB::connection()->getDatabaseName(), true, self::SECONDS)) {
            Remembered::forget();
            app(AdvanceRoutines::class)();
            app(SendMorningLetters::class)();
        }
    }
}
