<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use Symfony\Component\HttpFoundation\Response;

/** Refuses text that nobody can read: broken UTF-8, and control characters other than tabs and line breaks. */
final class RefuseUnreadable
{
    private const UNREADABLE = '/[\x00-\x08\x0B\x0C\x0E-\x1F\x7F]/';

    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        foreach ($request->except(array_keys($request->allFiles())) as $field => $value) {
            if (! self::isReadable($value) || ! self::isReadable($field)) {
                throw ValidationException::withMessages([
                    mb_scrub((string) $field) => 'This contains characters that cannot be shown. Type it again, or paste it as plain text.',
                ]);
            }
        }

        return $next($request);
    }

    private static function isReadable(mixed $value): bool
    {
        if (is_array($value)) {
            foreach ($value as $key => $part) {
                if (! self::isReadable($key) || ! self::isReadable($part)) {
                    return false;
                }
            }

            return true;
        }

        return ! is_string($value) || (mb_check_encoding($value, 'UTF-8') && preg_match(self::UNREADABLE, $value) !== 1);
    }
}
