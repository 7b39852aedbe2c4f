<?php

declare(strict_types=1);

namespace App\Http;

use App\Store\TurnNotGiven;
use App\Store\Writability;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Log;
use Inertia\Inertia;
use Symfony\Component\HttpFoundation\Response;
use Throwable;

/** What is answered when something cannot be: in the same words whoever asks, and never more than they may know. */
final readonly class Problems
{
    /** What a page of its own says, by status. */
    private const SHOWN = [
        403 => ['You do not have permission', 'Ask the owner or a lead. Nothing was changed.'],
        404 => ['This page does not exist', 'It may have been deleted, or you may not have access to it.'],
        413 => ['That was too large', 'What you sent is larger than the limit. Nothing was changed: go back and shorten it.'],
        429 => ['Too many attempts', 'Wait a minute, then try again.'],
        500 => ['Something went wrong', 'The error was logged. Nothing was changed.'],
        503 => ['Back soon', 'Loftrin is being updated. Please try again in a few minutes.'],
    ];

    /** What is said of a change that was not made, at the page on which one is. */
    private const NOT_SAVED = [
        401 => 'You have been signed out. Nothing was saved. Your text is kept here: sign in again, then save it.',
        403 => 'You do not have permission to do this. Nothing was saved.',
        404 => 'This no longer exists, or you no longer have access to it. Nothing was saved.',
        413 => 'This is larger than the limit. Nothing was saved.',
        419 => 'This page had been open for too long. Nothing was saved: please try again.',
        429 => 'Too many attempts. Nothing was saved: wait a minute, then try again.',
        503 => 'Loftrin is being updated. Nothing was saved: please try again in a few minutes.',
    ];

    private const NOT_TAKEN = 'Loftrin does not take this. Nothing was saved.';

    private const BROKEN = 'Something went wrong, and the error was logged. Nothing was saved.';

    public const NOTHING_SAVED = 'Nothing was saved: the disk is full or cannot be written to. '
        .'Your text is kept here. Please tell your administrator.';

    private const NOTHING_READ = [
        'Not available now',
        'The disk is full or cannot be written to. What you wrote is kept in this browser, and nothing that was saved is lost. '
        .'Please tell your administrator.',
    ];

    public static function answer(Response $response, Throwable $reason, Request $request): Response
    {
        $status = self::isSignedOut($response, $reason, $request) ? 401 : $response->getStatusCode();

        if ($status === 403) {
            Log::info('Refused.', [
                'person' => $request->user()?->getAuthIdentifier(),
                'asked' => "{$request->method()} /{$request->path()}",
            ]);
        }

        if ($status >= 400 && $request->hasSession()) {
            // What was to be told of it never came to be.
            $request->session()->forget('change');
        }

        return match (true) {
            $request->isMethodSafe() && ! $request->expectsJson() => self::page($response, $reason, $request),
            $reason instanceof TurnNotGiven => self::sentence($reason->getMessage(), 503),
            Writability::isMissing($reason) => self::sentence(self::NOTHING_SAVED, 503),
            // The page on which it was written stays, and the text with it.
            self::isFromScreen($request, $status) => self::sentence(self::notSaved($status), $status),
            $response->getStatusCode() === 419 => back()->with('problem', self::NOT_SAVED[419]),
            // What is hidden and what is missing are answered alike.
            $status === 404 && $request->expectsJson() => self::sentence('Not found.', 404),
            $request->expectsJson() => $response,
            default => self::page($response, $reason, $request),
        };
    }

    /** A session that ended takes its token with it: that is found first. */
    private static function isSignedOut(Response $response, Throwable $reason, Request $request): bool
    {
        return $reason instanceof AuthenticationException ||
            ($response->getStatusCode() === 419 &&
                $request->user() === null &&
                in_array('auth', $request->route()?->gatherMiddleware() ?? [], true));
    }

    /** Whether a screen sent it: a change that asks for a receipt, which has its own words for a refusal, or for the next screen. */
    private static function isFromScreen(Request $request, int $status): bool
    {
        return $status >= 400 &&
            ($request->headers->has('X-Inertia') || ($status !== 422 && ! $request->isMethodSafe() && $request->expectsJson()));
    }

    private static function notSaved(int $status): string
    {
        return self::NOT_SAVED[$status] ?? ($status < 500 ? self::NOT_TAKEN : self::BROKEN);
    }

    private static function page(Response $response, Throwable $reason, Request $request): Response
    {
        $status = $response->getStatusCode();
        $said = self::SHOWN[$status] ?? null;

        return match (true) {
            Writability::isMissing($reason) => self::shown(503, self::NOTHING_READ, $request),
            $said === null, $status === 500 && config('app.debug') === true => $response,
            default => self::shown($status, $said, $request),
        };
    }

    /** @param array{string, string} $said */
    private static function shown(int $status, array $said, Request $request): Response
    {
        if ($status >= 500) {
            // The frame of a page may be what broke down.
            Inertia::flushShared();
        }

        return Inertia::render('Problem', ['status' => $status, 'title' => $said[0], 'words' => $said[1]])
            ->toResponse($request)
            ->setStatusCode($status);
    }

    private static function sentence(string $words, int $status): Response
    {
        return new JsonResponse(['message' => $words], $status);
    }
}
