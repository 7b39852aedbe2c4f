<?php

declare(strict_types=1);

use App\Http\Middleware\AnswerOnce;
use App\Http\Middleware\BringUpToDate;
use App\Http\Middleware\DateCookiesByTheirClock;
use App\Http\Middleware\HandleInertiaRequests;
use App\Http\Middleware\KeepToItself;
use App\Http\Middleware\RefuseUnreadable;
use App\Http\Middleware\TakeTurnToWrite;
use App\Models\Person;
use App\Store\RefusedChange;
use Illuminate\Console\Scheduling\Schedule;
use Illuminate\Contracts\Auth\Middleware\AuthenticatesRequests;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Route;
use Illuminate\Validation\ValidationException;
use Inertia\Inertia;
use Symfony\Component\HttpFoundation\Response;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(
        using: static function (): void {
            // For whoever watches over the server: the application answers, and so does its database.
            Route::get('/up', static fn() => response()->json(['people' => Person::query()->exists()]))->name('up');
            Route::middleware('web')->group(__DIR__.'/../routes/people.php');

            foreach (['capture', 'day', 'direction', 'goals', 'lists', 'meetings', 'projects', 'reviews', 'week'] as $room) {
                Route::middleware(['web', 'auth'])->group(__DIR__."/../routes/$room.php");
            }
        },
    )
    ->withSchedule(static function (Schedule $schedule): void {
        $schedule->command('clock:strike')->everyMinute();
    })
    ->withMiddleware(static function (Middleware $middleware): void {
        $middleware->redirectGuestsTo('/sign-in');
        $middleware->redirectUsersTo('/');
        $middleware->encryptCookies(except: ['theme']);
        // Before anything is read of who it is and what it concerns.
        $middleware->prependToPriorityList(before: AuthenticatesRequests::class, prepend: TakeTurnToWrite::class);
        // What people write keeps its spaces and line breaks; single lines are trimmed.
        $middleware->trimStrings(except: ['notes', 'was', 'words', 'seen.notes', 'seen.words']);
        $middleware->append(DateCookiesByTheirClock::class);
        $middleware->web(prepend: [KeepToItself::class, RefuseUnreadable::class], append: [TakeTurnToWrite::class, AnswerOnce::class, BringUpToDate::class, HandleInertiaRequests::class]);
    })
    ->withExceptions(static function (Exceptions $exceptions): void {
        $exceptions->dontReport(RefusedChange::class);

        // A rule of the core that refuses a change is told at the field it concerns, like any other bad input.
        $exceptions->map(static fn(RefusedChange $refused) => ValidationException::withMessages([$refused->field => $refused->getMessage()]));

        $exceptions->respond(static function (Response $response, Throwable $reason, Request $request): Response {
            $status = $response->getStatusCode();

            if ($status === 419) {
                return back()->with('problem', 'This page had been open too long. Nothing was sent: please try again.');
            }

            if (! in_array($status, [403, 404, 413, 429, 500, 503], true) || $request->expectsJson() || ($status === 500 && config('app.debug'))) {
                return $response;
            }

            return Inertia::render('Problem', ['status' => $status])->toResponse($request)->setStatusCode($status);
        });
    })
    ->create();
