<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Actions\People\SendMorningLetters;
use App\Actions\Week\AdvanceRoutines;
use App\Models\Workspace;
use App\Queries\Parts\Remembered;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Symfony\Component\HttpFoundation\Response;
use UnexpectedValueException;

/** Whoever comes first on a day finds what routines bring moved on to it, and the letters of the morning sent: no timer has to run for that. */
final class BringUpToDate
{
    public function handle(Request $request, Closure $next): Response
    {
        // Only one of several requests at once does it, and the day stands in the key: a clock that is set does not confuse it.
        if ($request->user() !== null && Cache::add($this->day(), true, 172_800)) {
            Remembered::forget();
            app(AdvanceRoutines::class)();
            app(SendMorningLetters::class)();
        }

        $response = $next($request);

        return $response instanceof Response ? $response : throw new UnexpectedValueException('No response.');
    }

    private function day(): string
    {
        return 'brought up to '.app(Workspace::class)->today().' in '.DB::connection()->getDatabaseName();
    }
}
