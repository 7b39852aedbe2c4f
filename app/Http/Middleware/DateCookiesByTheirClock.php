<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Cookie;
use Symfony\Component\HttpFoundation\Response;

/** While the application's clock is set, the browser's is not: what is to last an hour here has to last an hour there. */
final class DateCookiesByTheirClock
{
    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        $response = $next($request);
        $shift = app()->isProduction() ? 0 : config()->integer('app.clock_shift');

        foreach ($shift === 0 ? [] : $response->headers->getCookies() as $cookie) {
            if ($cookie->getExpiresTime() > 0) {
                $response->headers->setCookie(self::dated($cookie, $cookie->getExpiresTime() - $shift));
            }
        }

        return $response;
    }

    private static function dated(Cookie $cookie, int $expires): Cookie
    {
        return $cookie->withExpires(max(1, $expires));
    }
}
