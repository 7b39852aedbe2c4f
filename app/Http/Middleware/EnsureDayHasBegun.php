<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Actions\Day\BeginDay;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Cache;
use Symfony\Component\HttpFoundation\Response;

/** Whoever comes first on a day finds it begun, also where nothing runs but the server. */
final class EnsureDayHasBegun
{
    /** So many seconds go by before what failed is tried again: a page is shown all the same. */
    private const TRIED_AGAIN_AFTER = 60;

    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        if ($request->user() !== null && ! Cache::has('a day did not begin')) {
            rescue(static fn() => app(BeginDay::class)(), self::tryAgainLater(...));
        }

        return $next($request);
    }

    private static function tryAgainLater(): void
    {
        // Where the disk is full it is tried at the next page.
        rescue(static fn() => Cache::put('a day did not begin', true, self::TRIED_AGAIN_AFTER), report: false);
    }
}
