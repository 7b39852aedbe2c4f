<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * Tells the browser, with every answer, what the application promises: it loads nothing from elsewhere, is framed by
 * nobody, and what it shows is kept by no cache. An answer that promises more, as a file does, keeps its own words.
 */
final class SecurityHeaders
{
    /** Charts and gauges set their sizes in style attributes. */
    private const POLICY = "default-src 'self'; style-src 'self' 'unsafe-inline'; img-src 'self' data:; font-src 'self' data:; "
        ."object-src 'none'; base-uri 'self'; form-action 'self'; frame-ancestors 'none'";

    private const HEADERS = [
        'Content-Security-Policy' => self::POLICY,
        'Referrer-Policy' => 'same-origin',
        'X-Content-Type-Options' => 'nosniff',
        'Permissions-Policy' => 'camera=(), microphone=(), geolocation=()',
    ];

    /** Once it was reached over https, for a year. */
    private const ONLY_HTTPS = 'max-age=31536000; includeSubDomains';

    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        $response = $next($request);

        foreach ([...self::HEADERS, ...$request->secure() ? ['Strict-Transport-Security' => self::ONLY_HTTPS] : []] as $name => $value) {
            if (! $response->headers->has($name)) {
                $response->headers->set($name, $value);
            }
        }

        if (! $response->headers->hasCacheControlDirective('public')) {
            $response->headers->set('Cache-Control', 'no-store, private');
        }

        return $response;
    }
}
