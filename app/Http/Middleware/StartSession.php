<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Illuminate\Http\Request;
use Illuminate\Session\Middleware\StartSession as BaseStartSession;

/**
 * Starts the session, and leaves it as it was found by what a page asks in the background: a message that waits for the next
 * screen is neither used up nor written over by a request that nobody made.
 */
final class StartSession extends BaseStartSession
{
    /** Carried by what a page asks by itself. */
    public const BACKGROUND = 'X-Background';

    /** @param Request $request */
    protected function saveSession($request): void
    {
        if (! $request->headers->has(self::BACKGROUND)) {
            parent::saveSession($request);
        }
    }
}
