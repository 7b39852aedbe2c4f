<?php

declare(strict_types=1);

use App\Http\Controllers\People\AccessController;
use App\Http\Controllers\People\GroupController;
use App\Http\Controllers\People\NotificationsController;
use App\Http\Controllers\People\PersonController;
use App\Http\Controllers\People\SignInController;
use App\Http\Controllers\People\StartController;
use Illuminate\Support\Facades\Route;

Route::middleware('guest')->group(static function (): void {
    Route::get('/sign-in', [SignInController::class, 'show'])->name('sign-in');
    Route::post('/sign-in', [SignInController::class, 'store'])
        ->middleware('throttle:sign-in')
        ->name('sign-in.store');
    Route::get('/forgotten', [AccessController::class, 'forgotten'])->name('forgotten');
    Route::post('/forgotten', [AccessController::class, 'sendReset'])
        ->middleware('throttle:sign-in')
        ->name('forgotten.send');
    Route::get('/start', [StartController::class, 'show'])->name('start');
    Route::post('/start', [StartController::class, 'store'])
        ->middleware('throttle:sign-in')
        ->name('workspace.start');
    Route::get('/access/{token}', [AccessController::class, 'show'])->name('access');
    Route::post('/access/{token}', [AccessController::class, 'accept'])
        ->middleware('throttle:sign-in')
        ->name('access.accept');
});

Route::middleware(['auth', 'throttle:writes'])->group(static function (): void {
    Route::post('/sign-out', [SignInController::class, 'destroy'])->name('sign-out');
    Route::get('/people', [PersonController::class, 'index'])->name('people.index');
    Route::post('/people', [PersonController::class, 'store'])
        ->name('people.store')
        ->can('lead');
    Route::put('/people/{person}', [PersonController::class, 'update'])
        ->name('people.update')
        ->can('update', 'person');
    Route::post('/people/{person}/link', [PersonController::class, 'link'])
        ->name('people.link')
        ->can('update', 'person');
    Route::delete('/people/{person}/invitation', [PersonController::class, 'withdraw'])
        ->name('people.withdraw')
        ->can('update', 'person');
    Route::post('/people/{person}/aside', [PersonController::class, 'setAside'])
        ->name('people.aside')
        ->can('update', 'person');
    Route::post('/people/{person}/back', [PersonController::class, 'restore'])
        ->name('people.back')
        ->can('update', 'person');
    Route::get('/account', [AccessController::class, 'account'])->name('account');
    Route::put('/account/password', [AccessController::class, 'changePassword'])->name('account.password');
    Route::put('/account/dates', [AccessController::class, 'writeDates'])->name('account.dates');
    Route::post('/account/sign-out', [AccessController::class, 'endSessions'])->name('account.end');
    Route::controller(NotificationsController::class)->group(static function (): void {
        Route::get('/notifications', 'show')->name('notifications');
        Route::put('/notifications', 'choose')->name('notifications.choose');
    });
    Route::post('/groups', [GroupController::class, 'store'])
        ->name('groups.store')
        ->can('lead');
    Route::put('/groups/{group}', [GroupController::class, 'update'])
        ->name('groups.update')
        ->can('update', 'group');
    Route::delete('/groups/{group}', [GroupController::class, 'destroy'])
        ->name('groups.destroy')
        ->can('update', 'group');
});
