<?php

declare(strict_types=1);

namespace App\Providers;

use Carbon\CarbonInterface;
use Illuminate\Support\Carbon;
use Illuminate\Support\ServiceProvider;

/**
 * Sets the application's clock so many seconds ahead (APP_CLOCK_SHIFT) or, below 0, back: to see a week end or a
 * quarter close in the demo, and to run the tests on days that are known. Sessions and the scheduler follow it. Not in
 * production.
 */
final class ClockServiceProvider extends ServiceProvider
{
    public function boot(): void
    {
        $shift = config('app.clock_shift');

        if (! is_int($shift) || $shift === 0 || $this->app->isProduction()) {
            return;
        }

        Carbon::setTestNow(static fn(CarbonInterface $now): CarbonInterface => $now->addSeconds($shift));
    }
}
