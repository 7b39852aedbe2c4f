<?php

declare(strict_types=1);

namespace App\Http;

use App\Store\TurnNotGiven;
use Illuminate\Database\QueryException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Log;
use Inertia\Inertia;
use Symfony\Component\HttpFoundation\Response;
use Throwable;

/** What is answered when something cannot be: in the same words whoever asks, and never more than they may know. */
final readonly class Problems
{
    /** A page of its own is shown for these. */
    private const SHOWN = [403, 404, 413, 429, 500, 503];

    /** What SQLite and PostgreSQL say of a store that takes nothing more. */
    private const UNWRITABLE = [
        'disk is full',
        'readonly database',
        'disk I/O error',
        'unable to open database file',
        'SQLSTATE[25006]',
        'SQLSTATE[53100]',
    ];

    public const NOTHING_SAVED = 'Nothing was saved: the disk is full or cannot be written to. '
        .'Your text is kept here. Please tell your administrator.';

    public static function answer(Response $response, Throwable $reason, Request $request): Response
    {
        $status = $response->getStatusCode();

        if ($status === 403) {
            Log::info('Refused.', [
                'person' => $request->user()?->getAuthIdentifier(),
                'asked' => "{$request->method()} /{$request->path()}",
            ]);
        }

        return match (true) {
            $status === 419 => back()->with('problem', 'This page had been open for too long. Nothing was saved: please try again.'),
            $reason instanceof TurnNotGiven => self::notNow($request, $reason->getMessage()),
            self::isUnwritable($reason) => self::notNow($request, self::NOTHING_SAVED),
            // What is hidden and what is missing are answered alike.
            $status === 404 && $request->expectsJson() => new JsonResponse(['message' => 'Not found.'], 404),
            ! in_array($status, self::SHOWN, true), $request->expectsJson(), $status === 500 && config('app.debug') === true => $response,
            default => Inertia::render('Problem', ['status' => $status])
                ->toResponse($request)
                ->setStatusCode($status),
        };
    }

    private static function isUnwritable(Throwable $reason): bool
    {
        return $reason instanceof QueryException &&
            array_filter(self::UNWRITABLE, static fn(string $words): bool => str_contains($reason->getMessage(), $words)) !== [];
    }

    /** Said where one is: the page, and what was typed on it, stays. */
    private static function notNow(Request $request, string $words): Response
    {
        return $request->isMethodSafe() && ! $request->expectsJson()
            ? Inertia::render('Problem', ['status' => 503])
                ->toResponse($request)
                ->setStatusCode(503)
            : new JsonResponse(['message' => $words], 503);
    }
}
