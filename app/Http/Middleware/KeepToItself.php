<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Tells the browser what the application promises: it loads nothing from elsewhere and is framed by nobody. */
final class KeepToItself
{
    /** Charts and gauges set their sizes in style attributes. */
    private const POLICY = "default-src 'self'; style-src 'self' 'unsafe-inline'; img-src 'self' data:; font-src 'self' data:; object-src 'none'; base-uri 'self'; form-action 'self'; frame-ancestors 'none'";

    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        $response = $next($request);
        $response->headers->add([
            'Content-Security-Policy' => self::POLICY,
            'Referrer-Policy' => 'same-origin',
            'X-Content-Type-Options' => 'nosniff',
        ]);

        return $response;
    }
}
