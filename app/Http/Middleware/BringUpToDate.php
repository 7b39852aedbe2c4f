<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Actions\Week\BeginDay;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;
use UnexpectedValueException;

/** Whoever comes first on a day finds it begun, also where nothing runs but the server. */
final class BringUpToDate
{
    public function handle(Request $request, Closure $next): Response
    {
        if ($request->user() !== null) {
            app(BeginDay::class)();
        }

        $response = $next($request);

        return $response instanceof Response ? $response : throw new UnexpectedValueException('No response.');
    }
}
