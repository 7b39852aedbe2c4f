<?php

declare(strict_types=1);

use App\Http\Controllers\UpController;
use App\Http\Middleware\AnswerOnce;
use App\Http\Middleware\DateCookiesByTheirClock;
use App\Http\Middleware\EnsureDayHasBegun;
use App\Http\Middleware\GiveReceipts;
use App\Http\Middleware\HandleInertiaRequests;
use App\Http\Middleware\RefuseUnreadable;
use App\Http\Middleware\SecurityHeaders;
use App\Http\Middleware\StartSession;
use App\Http\Middleware\TakeTurnToWrite;
use App\Http\Problems;
use App\Http\TrustedAddresses;
use App\Store\RefusedByDatabase;
use App\Store\RefusedChange;
use App\Store\Writability;
use Illuminate\Console\Scheduling\Schedule;
use Illuminate\Contracts\Auth\Middleware\AuthenticatesRequests;
use Illuminate\Database\QueryException;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Http\Response;
use Illuminate\Routing\Middleware\SubstituteBindings;
use Illuminate\Session\Middleware\StartSession as BaseStartSession;
use Illuminate\Support\Facades\Route;
use Illuminate\Validation\ValidationException;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(
        using: static function (): void {
            Route::get('/up', UpController::class)->name('up');
            Route::middleware('web')->group(__DIR__.'/../routes/people.php');

            foreach (['capture', 'day', 'direction', 'goals', 'lists', 'meetings', 'projects', 'reviews', 'week'] as $room) {
                Route::middleware(['web', 'auth', 'throttle:writes'])->group(__DIR__."/../routes/$room.php");
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
        // Around all of it: what was refused, or done before under the same key, is answered alike.
        $middleware->prependToPriorityList(before: TakeTurnToWrite::class, prepend: GiveReceipts::class);
        // Before records are looked for: one that the first asking removed is not missed at the second.
        $middleware->prependToPriorityList(before: SubstituteBindings::class, prepend: AnswerOnce::class);
        // What people write keeps its spaces and line breaks; single lines are trimmed.
        $middleware->trimStrings(except: ['notes', 'was', 'words', 'seen.notes', 'seen.words']);
        $middleware->append([DateCookiesByTheirClock::class, SecurityHeaders::class]);
        // An address that is made up leads nowhere: what is answered to is in the configuration.
        $middleware->trustHosts(at: static fn(): array => TrustedAddresses::hosts());
        $middleware->web(
            replace: [BaseStartSession::class => StartSession::class],
            prepend: [RefuseUnreadable::class],
            append: [
                GiveReceipts::class,
                TakeTurnToWrite::class,
                AnswerOnce::class,
                EnsureDayHasBegun::class,
                HandleInertiaRequests::class,
            ],
        );
    })
    ->withExceptions(static function (Exceptions $exceptions): void {
        $exceptions->dontReport(RefusedChange::class);

        // A rule of the core that refuses a change is told at the field it concerns, like any other bad input.
        $exceptions->map(
            static fn(RefusedChange $refused) => ValidationException::withMessages([$refused->field => $refused->getMessage()]),
        );

        $exceptions->map(static function (QueryException $reason): Throwable {
            $refused = RefusedByDatabase::of($reason);

            return $refused === null ? $reason : ValidationException::withMessages([$refused->field => $refused->getMessage()]);
        });

        // Before a page of the framework is made of it, which would have to be written to the same disk.
        $exceptions->render(
            static fn(PDOException|ErrorException $reason): ?Response => Writability::isMissing($reason) ? new Response(status: 503) : null,
        );
        $exceptions->respond(Problems::answer(...));
    })
    ->create();
