<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Store\Turn;
use Closure;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response as PlainResponse;
use Symfony\Component\HttpFoundation\Response;

/**
 * Whatever may change something is one transaction from before its first record is read: rules and rights are checked on
 * what is there as it is written, and of two at once the second sees what the first did. What is refused writes nothing.
 */
final readonly class TakeTurnToWrite
{
    public function __construct(private Turn $turn)
    {
    }

    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        return $request->isMethodSafe()
            ? $next($request)
            : $this->turn->take(
                static fn(): Response => $next($request),
                static fn(Response $response): bool => $response->getStatusCode() < 400 && ! self::wasRefused($response),
            );
    }

    /** Whether it was made of an exception: bad input is answered by a redirect like anything else. */
    private static function wasRefused(Response $response): bool
    {
        return ($response instanceof RedirectResponse || $response instanceof JsonResponse || $response instanceof PlainResponse) &&
            $response->exception !== null;
    }
}
